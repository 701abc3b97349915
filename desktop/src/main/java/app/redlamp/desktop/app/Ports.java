package app.redlamp.desktop.app;

import app.redlamp.core.acoustics.cabin.Cabin;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.port.Capture;
import app.redlamp.core.port.Finishing;
import app.redlamp.core.port.LearntControls;
import app.redlamp.core.port.Listening;
import app.redlamp.core.port.Monitoring;
import app.redlamp.core.port.PartShelf;
import app.redlamp.core.port.Playback;
import app.redlamp.core.port.Printing;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Recordings;
import app.redlamp.core.port.Rescues;
import app.redlamp.core.port.Scripts;
import app.redlamp.core.port.Settings;
import app.redlamp.core.port.Shelf;
import app.redlamp.core.port.SimulatedBooth;
import app.redlamp.core.port.Specifications;
import app.redlamp.core.port.TakeRecording;
import java.time.Clock;

/** What the application reaches the machine through. */
public record Ports(
        Settings settings,
        Recordings recordings,
        Finishing finishing,
        Printing printing,
        Specifications specifications,
        Playback playback,
        Productions productions,
        Scripts scripts,
        Shelf<Material, Spot> rooms,
        PartShelf<Cabin> offeredBooths,
        Listening listening,
        Shelf<Gear, Kit> equipment,
        LearntControls marks,
        Capture capture,
        SimulatedBooth booth,
        Monitoring monitoring,
        TakeRecording takes,
        Rescues rescues,
        Clock clock) {}
