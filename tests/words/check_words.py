#!/usr/bin/env python3
"""Words that docs/words.md has dropped, and keys named outside the tables of commands, in what people read.

    check_words.py ROOT          exit 1 with the places
    check_words.py --self-test
"""
import pathlib
import re
import sys

LITERAL = re.compile(r'"((?:[^"\\\n]|\\.)*)"')
SCRIPT_LITERAL = re.compile(r"'((?:[^'\\]|\\.)*)'|`([^`]*)`")
# what the finder knows a command by too: {tr("film"), tr("video")}
ALSO = re.compile(r'\{(?:\w+::)?tr\("[^"]*"\)(?:, (?:\w+::)?tr\("[^"]*"\))*\}')
KEY = re.compile(r'\b(?:Ctrl|Alt)\+[A-Z]\b|[Pp]ress [A-Z\[\]](?:\b|\s)|\([A-Z]\)')
# what a change is called has to be found by tools/words
LABEL = re.compile(r'\bChange(?: \w+)?\{[^"(]*"[^"]')
# a database's own words are nobody's
SQL = re.compile(r'(?:SELECT|INSERT|UPDATE|DELETE|CREATE|ALTER|GRANT|REVOKE) [A-Z%]')
# tables of words that are recognised and not said
SILENT = ("core/narration/", "core/find/", "core/editing/line_words", "core/editing/step_words", "bench/")


def dropped(table):
    """The phrases of the column "not", as patterns, each with the word that is used."""
    out = []
    for row in table.splitlines():
        cells = [c.strip() for c in row.strip().strip("|").split("|")]
        if len(cells) != 4 or cells[0] in ("Word", "---"):
            continue
        for phrase in filter(None, (p.strip() for p in cells[2].split(","))):
            pattern = re.escape(phrase).replace(r"\*", r"\w*")
            end = r"\b" if phrase[-1].isalnum() else ""
            out.append((re.compile(r"(?<!\w)" + pattern + end, re.IGNORECASE), phrase, cells[0]))
    return out


def wrong_in(name, text, phrases):
    """Complaints about one source file."""
    out = []
    table = name.endswith("_table.cpp")
    for number, line in enumerate(text.splitlines(), 1):
        if line.lstrip().startswith("//"):
            continue
        if LABEL.search(line):
            out.append(f"{name}:{number}: the label of a change does not stand in change_label()")
        for literal in LITERAL.findall(ALSO.sub("{}", line)):
            if SQL.match(literal):
                continue
            for pattern, phrase, word in phrases:
                if pattern.search(literal):
                    out.append(f"{name}:{number}: “{phrase}” in “{literal}”: the word is “{word}”")
            if not table and KEY.search(literal) and "app/" in name:
                out.append(f"{name}:{number}: a key is named in “{literal}”; keys stand in the tables of commands only")
    return out


def quoted(suffix, text):
    """The text with everything that people may read in double quotes."""
    if suffix in (".cpp", ".h"):
        return text
    lines = text.replace('"', "'").splitlines()
    if suffix == ".js":  # the names of a protocol are nobody's words
        return "\n".join(" ".join(f'"{a or b}"' for a, b in SCRIPT_LITERAL.findall(line)) for line in lines)
    return "\n".join(f'"{line}"' for line in lines)


def self_test():
    phrases = dropped("| Word | Means | Not | German |\n|---|---|---|---|\n| import | a film comes in | bring in, brought* | |\n| caption | words | | |\n")
    assert len(phrases) == 2
    assert len(wrong_in("app/a.cpp", 'tr("Bring in a film")', phrases)) == 1
    assert len(wrong_in("app/a.cpp", 'tr("brought here")', phrases)) == 1
    assert not wrong_in("app/a.cpp", 'tr("bringing in")', phrases)
    assert not wrong_in("app/a.cpp", '// "bring in"', phrases)
    assert not wrong_in("app/a.cpp", 'add({"x", tr("Import"), {tr("bring in"), tr("load")}});', phrases)
    assert len(wrong_in("app/a.cpp", 'tr("Press N to go on")', phrases)) == 1
    assert len(wrong_in("app/a.cpp", 'tr("with Ctrl+K")', phrases)) == 1
    assert not wrong_in("app/tape/tape_table.cpp", 'tr("with Ctrl+K")', phrases)
    assert not wrong_in("a.js", quoted(".js", "x.brought || 'here'"), phrases)
    assert len(wrong_in("a.js", quoted(".js", "say(`brought ${x}`, 'bring in')"), phrases)) == 2
    assert len(wrong_in("a.html", quoted(".html", "<p>bring in</p>"), phrases)) == 1
    assert not wrong_in("store/a.cpp", '"CREATE TABLE brought (id TEXT)"', phrases)
    assert len(wrong_in("store/a.cpp", '"Create what was brought"', phrases)) == 1
    assert not wrong_in("core/a.cpp", 'fmt::format("bolt (M)")', phrases)
    assert len(wrong_in("core/a.cpp", 'return Change{"add a step", {put(s)}};', phrases)) == 1
    assert len(wrong_in("core/a.cpp", 'core::Change change{fresh ? "add" : "change", {}};', phrases)) == 1
    assert not wrong_in("core/a.cpp", 'return Change{change_label("add a step"), {put(s)}};', phrases)
    assert not wrong_in("core/a.cpp", 'Change{"", {edit}}', phrases)


def main():
    if sys.argv[1:] == ["--self-test"]:
        return self_test()
    if len(sys.argv) != 2:
        sys.exit(__doc__)
    root = pathlib.Path(sys.argv[1])
    phrases = dropped((root / "docs/words.md").read_text())
    if len(phrases) < 20:
        sys.exit("docs/words.md drops no words any more")
    wrong = []
    for path in sorted([*(root / "src").rglob("*.cpp"), *(root / "src").rglob("*.h"), *(root / "resources/templates").rglob("*")]):
        name = str(path.relative_to(root))
        if path.is_file() and not any(s in name for s in SILENT):
            wrong += wrong_in(name, quoted(path.suffix, path.read_text(errors="replace")), phrases)
    print("\n".join(wrong) or f"{len(phrases)} dropped words, none used")
    sys.exit(1 if wrong else 0)


main()
