package app.redlamp.desktop.deliver;

import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.Wording;

/** What everything on the bench works with. */
record BenchParts(
        DeliverModel model,
        PlayModel player,
        Strings strings,
        Wording wording,
        Glossary glossary,
        DeliverStation.Doors doors) {}
