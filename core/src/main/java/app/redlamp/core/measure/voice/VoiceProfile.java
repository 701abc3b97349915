package app.redlamp.core.measure.voice;

import app.redlamp.core.measure.room.Reverberation;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is told about the voice and about what went wrong around it.
 *
 * @param spectrum long-term spectrum; absent with too little voice
 * @param plosives blows of breath into the microphone, with a word near them; amount in dB above the voice's level
 * @param sibilants all hissing sounds; amount in dB above the voice's level
 * @param harshSibilants those that are as loud as the voice itself
 * @param mouthClicks clicks in pauses that ring; amount as a ratio to the noise around
 * @param electricalClicks clicks in pauses of a few samples; amount as a ratio to the noise around
 * @param clock what ticks in pauses, in time, and so is among neither
 * @param dropouts holes and buffers played again while somebody speaks; amount in milliseconds
 * @param jumps places in speech where the waveform breaks off; amount as a ratio to what is around
 * @param reverberation what is heard of the room
 * @param echo the voice once more, late; absent where it is not heard
 * @param syllablesPerSecond pace while speaking
 * @param turnedDown by how many dB the gain is turned down under words, and where to hear it; 0 and less where it is not, absent where
 *     that cannot be told
 * @param swellDb by how much the noise swells in pauses; absent where it does not
 */
public record VoiceProfile(
        Optional<VoiceSpectrum> spectrum,
        Event.Tally plosives,
        Event.Tally sibilants,
        Event.Tally harshSibilants,
        Event.Tally mouthClicks,
        Event.Tally electricalClicks,
        Optional<Clock> clock,
        Event.Tally dropouts,
        Event.Tally jumps,
        Reverberation reverberation,
        Optional<Echo> echo,
        OptionalDouble syllablesPerSecond,
        Optional<Event> turnedDown,
        OptionalDouble swellDb) {}
