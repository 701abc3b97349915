package app.redlamp.core.planning.script;

import app.redlamp.core.fault.Faults;

/**
 * The voice that somebody in the script is given, so that he sounds the same a week later.
 *
 * @param name as the script calls him
 * @param voice what the voice is like: pitch, pace, place it comes from, a recording to hear
 */
public record CharacterVoice(String name, String voice) {

    /** @throws IllegalArgumentException without a name */
    public CharacterVoice {
        if (name.isBlank()) {
            throw new IllegalArgumentException(Faults.say("character-voice.character-voice-needs"));
        }
    }
}
