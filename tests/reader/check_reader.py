#!/usr/bin/env python3
"""What the reader may know.

    check_reader.py ROOT          exit 1 where a rule quotes a phrase that one speaker only uses, or a table knows our own workshop
    check_reader.py --self-test

A phrase of two words or more in the reader's rules is heard from at least two speakers of tools/reader/narrations, or from none of them
(general speech), or stands in at least two of the sentences of tools/reader. The learned tables and the word lists hold no name of the
workshop, its machines and their makers, and no trade name.
"""
import collections
import pathlib
import re
import sys

OURS = "kelder quay training workshop perrick ostrel lindmoor kestwick harrowby marrick tarnholt stanmere cressing brennock pennard vellan gannoway thornsett dunhale tidewell skelmar orrin skarnwick".split()
TRADE_NAMES = "loctite vaseline torx thermos xerox jeep plexiglas hoover teflon velcro pyrex primus gopro".split()


def plain(text):
    return " " + " ".join(re.findall(r"[a-z0-9']+", text.lower().replace("’", "'").replace("-", " "))) + " "


def speakers(folder):
    """What each speaker said, as words."""
    out = {}
    for gold in folder.glob("*.gold.json"):
        stem = gold.name[: -len(".gold.json")]
        text = next(p for p in folder.glob(stem + ".*") if p.suffix in (".vtt", ".srt", ".txt")).read_text(encoding="utf-8-sig")
        out[stem] = plain(re.sub(r"^.*-->.*$|<[^>]*>|^\[[\d:]+\]", " ", text, flags=re.M))
    return out


def phrases_of(code):
    """Quoted phrases of the code, not of its comments, that are matched with what is said."""
    code = re.sub(r"//[^\n]*", "", code)
    found = set()
    for call in re.finditer(r"(?:says|says_any|stands_at|find)\(\{?([^)]*)", code):
        found.update(p for p in re.findall(r'"([a-z0-9\' *]+)"', call[1]) if len(p.split()) > 1)
    return found


def lonely(phrases, said, sentences):
    out = []
    for phrase in sorted(phrases):
        words = re.compile(" " + re.escape(phrase.strip()).replace(r"\*", "[a-z0-9']+") + "(?= )")
        heard = [name for name, text in said.items() if words.search(text)]
        if len(heard) == 1 and sum(bool(words.search(s)) for s in sentences) < 2:
            out.append(f'"{phrase.strip()}" is said by {heard[0]} only')
    return out


def names_in(text, names):
    words = collections.Counter(re.findall(r"[a-z]+", text.lower()))
    return [n for n in names if n in words]


def troubles(root):
    rules = sorted((root / "src/core/narration").rglob("*.cpp"))
    phrases = set().union(*(phrases_of(p.read_text()) for p in rules))
    sentences = [plain(s.split(" ", 1)[1]) for s in (root / "tools/reader/sentences.txt").read_text().splitlines() if s and s[0] != "#"]
    out = lonely(phrases, speakers(root / "tools/reader/narrations"), sentences)
    for table in sorted((root / "resources/reader").glob("*.txt")):
        out += [f"{table.name} weighs \"{n}\"" for n in names_in(table.read_text(), OURS + TRADE_NAMES)]
    for code in rules:
        # a workshop is a thing in WordNet like any other
        known = [n for n in OURS if n not in ("quay", "training", "workshop")]
        out += [f"{code.name} lists \"{n}\"" for n in names_in(re.sub(r"//[^\n]*", "", code.read_text()), known + TRADE_NAMES)]
    return out


def self_test():
    code = 'line.says_any({"mind your", "gone under"}); // "by feel"\n line.stands_at("up * down", i)'
    assert phrases_of(code) == {"mind your", "gone under", "up * down"}, phrases_of(code)
    said = {"a": plain("Mind your head, it's gone under."), "b": plain("mind your hand")}
    assert lonely({"mind your", "gone under", "by feel"}, said, []) == ['"gone under" is said by a only']
    assert not lonely({"gone under"}, said, [" it's gone under the bed ", " gone under "])
    assert names_in("w:kelder\t0:1", OURS) == ["kelder"]


if __name__ == "__main__":
    if sys.argv[1:] == ["--self-test"]:
        self_test()
        sys.exit(0)
    found = troubles(pathlib.Path(sys.argv[1]))
    print("\n".join(found))
    sys.exit(1 if found else 0)
