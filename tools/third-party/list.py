#!/usr/bin/env python3
"""Lists the libraries that ship, with version, licence and the texts that come with them.

Reads what a build has put beside the application (desktop/target/lib, cli/target/lib) and what Maven knows of it in its
repository; fetches nothing.

    tools/third-party/list.py           writes THIRD-PARTY.md and third-party/
    tools/third-party/list.py --check   says what is missing there, and whether a test library ships; exit code 1 if so
"""
import pathlib
import re
import sys
import xml.etree.ElementTree as xml
import zipfile

ROOT = pathlib.Path(__file__).resolve().parents[2]
REPOSITORY = pathlib.Path.home() / ".m2" / "repository"
OURS = re.compile(r"redlamp-")
NATIVE = re.compile(r"-(linux|windows|macosx|mac|win)(-[a-z0-9_]+)*$")
TEST_ONLY = re.compile(r"junit|hamcrest|mockito|assertj|testfx|archunit|jimfs|opentest4j|byte-buddy|slf4j-nop")
TEXTS = re.compile(r"^(META-INF/)?(LICEN[CS]E|NOTICE|COPYING|DEPENDENCIES)[^/]*$", re.I)
NAMES = {
    "classpath": "GPL-2.0 with Classpath exception",
    "apache": "Apache-2.0",
    "mit": "MIT",
    "bsd": "BSD",
    "lgpl": "LGPL",
    "lesser general public": "LGPL",
    "gplv2+ce": "GPL-2.0 with Classpath exception",
    "gpl2 w/ cpe": "GPL-2.0 with Classpath exception",
    "gpl": "GPL",
    "general public": "GPL",
}
# Where the project file does not say what ships: its own answer (avcodec_license() of the build that is used).
SAID = {"ffmpeg": "Apache-2.0 (bindings), LGPL-3.0 or later (FFmpeg itself, in its natives)"}
FONTS = [
    ("Lato", "2.0", "OFL-1.1", "media/src/main/resources/app/redlamp/media/fonts"),
    ("Vollkorn", "", "OFL-1.1", "desktop/src/main/resources/app/redlamp/desktop/fonts"),
]


def jars():
    """Every library beside the application once, without the natives of this machine."""
    found = {}
    for folder in ("desktop/target/lib", "cli/target/lib"):
        for jar in sorted((ROOT / folder).glob("*.jar")):
            if not OURS.match(jar.name):
                found[NATIVE.sub("", jar.stem)] = found.get(NATIVE.sub("", jar.stem), jar)
    return found


def pom_of(stem):
    """The project file of a library in Maven's repository, by the name of its archive."""
    artifact, version = re.match(r"(.+?)-(\d[\w.\-]*)$", stem).groups()
    for pom in REPOSITORY.glob(f"**/{artifact}/{version}/{artifact}-{version}.pom"):
        return artifact, version, pom
    return artifact, version, None


def licences(pom, depth=0):
    """Licences that a project names, or the one that it inherits from."""
    if pom is None or depth > 5:
        return []
    space = {"m": "http://maven.apache.org/POM/4.0.0"}
    tree = xml.parse(pom).getroot()
    prefix = "m:" if tree.tag.startswith("{") else ""
    find = lambda at, path: at.find("/".join(prefix + p for p in path.split("/")), space)
    names = [n.text.strip() for n in tree.findall("/".join(prefix + p for p in "licenses/license/name".split("/")), space)]
    if names:
        return names
    parent = find(tree, "parent")
    if parent is None:
        return []
    group, artifact, version = (find(parent, p).text.strip() for p in ("groupId", "artifactId", "version"))
    above = REPOSITORY / group.replace(".", "/") / artifact / version / f"{artifact}-{version}.pom"
    return licences(above if above.exists() else None, depth + 1)


def short(names):
    said = []
    for name in names:
        low = name.lower()
        said.append(next((s for k, s in NAMES.items() if k in low), name))
    return " or ".join(dict.fromkeys(said)) or "see its text"


def texts(jar):
    with zipfile.ZipFile(jar) as archive:
        for entry in archive.namelist():
            if TEXTS.match(entry) and not entry.lower().endswith(".class"):
                yield pathlib.PurePosixPath(entry).name, archive.read(entry)


def rows():
    for stem, jar in sorted(jars().items(), key=lambda pair: pair[0].lower()):
        artifact, version, pom = pom_of(stem)
        yield artifact, version, SAID.get(artifact, short(licences(pom))), jar


def write():
    lines = [
        "# Libraries that ship with Red Lamp",
        "",
        "Made by `tools/third-party/list.py`. The texts that a packaged release needs lie in `third-party/`, a folder each;",
        "texts that several share lie in `third-party/texts/`. FFmpeg is used in its LGPL build, unchanged, as a library that",
        "can be replaced: its natives lie in archives of their own beside the application.",
        "",
        "| library | version | licence | texts |",
        "|---|---|---|---|",
    ]
    for artifact, version, licence, jar in rows():
        folder = ROOT / "third-party" / artifact
        names = []
        for name, content in texts(jar):
            folder.mkdir(parents=True, exist_ok=True)
            (folder / name).write_bytes(content)
            names.append(f"[{name}](third-party/{artifact}/{name})")
        for kept in sorted(folder.glob("*")) if folder.exists() else []:
            # Texts that come with a library's sources and not with its archive were laid there by hand.
            link = f"[{kept.name}](third-party/{artifact}/{kept.name})"
            if link not in names:
                names.append(link)
        shared = {"Apache-2.0": "Apache-2.0.txt", "LGPL-3": "LGPL-3.txt", "LGPL or": "LGPL-2.1.txt", "GPL-2": "GPL-2.txt"}
        for key, text in shared.items():
            if key in licence and (ROOT / "third-party" / "texts" / text).exists():
                names.append(f"[{text}](third-party/texts/{text})")
        lines.append(f"| {artifact} | {version} | {licence} | {', '.join(names)} |")
    for name, version, licence, folder in FONTS:
        files = sorted(f for f in (ROOT / folder).iterdir() if f.suffix.lower() not in (".ttf", ".otf"))
        links = ", ".join(f"[{f.name}]({f.relative_to(ROOT)})" for f in files)
        lines.append(f"| {name} (font) | {version} | {licence} | {links} |")
    (ROOT / "THIRD-PARTY.md").write_text("\n".join(lines) + "\n", encoding="utf-8")


def check():
    listed = (ROOT / "THIRD-PARTY.md").read_text(encoding="utf-8")
    wrong = []
    count = 0
    for artifact, version, licence, jar in rows():
        count += 1
        if TEST_ONLY.search(jar.name):
            wrong.append(f"{jar.name}: a library for tests ships")
        # Without Maven's own record of it only its name and version can be compared.
        row = f"| {artifact} | {version} |" + (f" {licence} |" if pom_of(NATIVE.sub("", jar.stem))[2] else "")
        if row not in listed:
            wrong.append(f"{artifact} {version} ({licence}): THIRD-PARTY.md does not list it; run tools/third-party/list.py")
        if licence == "see its text" and not list(texts(jar)):
            wrong.append(f"{artifact} {version}: names no licence and brings no text")
    if count < 20:
        wrong.append(f"only {count} libraries were found; build first")
    print("\n".join(wrong) or f"{count} libraries ship, and all of them are listed")
    return 1 if wrong else 0


if __name__ == "__main__":
    sys.exit(check() if "--check" in sys.argv[1:] else write())
