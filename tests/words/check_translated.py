#!/usr/bin/env python3
"""Whether what the window says is translated whole: nothing new or changed that the tables do not have, nothing left out, every place for
what goes in, every form of a count, and the words of docs/words.md.

    check_translated.py ROOT          exit 1 with what is wrong
    check_translated.py --self-test
"""
import pathlib
import re
import shutil
import subprocess
import sys
import tempfile
import xml.etree.ElementTree as ET

FORMS = {"en": 2, "de": 2}


def messages(table):
    """Of each: its context, its English, what it is said of, whether it counts, its forms, and whether it is finished."""
    for context in ET.fromstring(table).iter("context"):
        for m in context.iter("message"):
            told = m.find("translation")
            forms = [f.text or "" for f in told.iter("numerusform")] or [told.text or ""]
            yield context.findtext("name"), m.findtext("source"), m.findtext("comment") or "", m.get("numerus") == "yes", forms, told.get("type")


def german_words(table):
    out = []
    for row in table.splitlines():
        cells = [c.strip() for c in row.strip().strip("|").split("|")]
        if len(cells) != 4 or not cells[3] or cells[0] in ("Word", "---"):
            continue
        word = re.sub(r"\s*\(.*?\)", "", cells[0])
        stems = [re.escape(s.strip()).replace(r"\*", r"\w*") for s in cells[3].split(" / ")]
        out.append((re.compile(r"(?<![\w-])" + re.escape(word) + r"s?(?![\w-])", re.I), re.compile("|".join(stems), re.I), word, cells[3]))
    return out


def wrong_in(language, table, words):
    out = []
    for context, source, one, counts, forms, kind in messages(table):
        where = f"{language}, {context}: “{source}”"
        if language == "en" and not counts:
            continue  # English is its own translation
        if kind is not None or not all(forms):
            out.append(f"{where} is not translated")
            continue
        if counts and len(forms) != FORMS[language]:
            out.append(f"{where} has {len(forms)} forms and needs {FORMS[language]}")
        for i, form in enumerate(forms):
            want, has = (sorted(set(re.findall(r"%\d|%n|\{\d\}", t))) for t in (source, form))
            if counts and i == 0 and "%n" not in has:
                want = [p for p in want if p != "%n"]
            if want != has:
                out.append(f"{where}: “{form}” has {has} for {want}")
            if source[:1].isspace() != form[:1].isspace() or source[-1:].isspace() != form[-1:].isspace():
                out.append(f"{where}: “{form}” begins or ends otherwise")
        for english, told, word, wanted in words:
            plain = re.sub(r"<[^>]*>|\{[^}]*\}|\w+\.html|&(?=\w)", "", source)
            if len(plain) > 3 and english.search(plain) and not any(told.search(f.replace("&", "")) for f in forms):
                out.append(f"{where}: “{word}” is “{wanted}”, not in “{forms[-1]}”")
    return out


def collected(root):
    """Whether the tables hold what stands in the source just now."""
    out = []
    with tempfile.TemporaryDirectory() as scratch:
        copy = pathlib.Path(scratch)
        for part in ("src", "resources/words", "tools/words"):
            source = root / part
            (copy / part).parent.mkdir(parents=True, exist_ok=True)
            shutil.copytree(source, copy / part) if source.is_dir() else shutil.copy(source, copy / part)
        subprocess.run([sys.executable, str(copy / "tools/words")], check=True, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
        for table in sorted((root / "resources/words").glob("*.ts")):
            now, before = (set((c, s, o) for c, s, o, *_ in messages(t.read_text())) for t in (copy / "resources/words" / table.name, table))
            out += [f"{table.name}: “{s}” ({c}) is not in it: run tools/words, and translate" for c, s, _ in sorted(now - before)]
            out += [f"{table.name}: “{s}” ({c}) is said no more: run tools/words" for c, s, _ in sorted(before - now)]
    return out


def self_test():
    def table(message):
        return f'<TS><context><name>A</name>{message}</context></TS>'

    words = german_words("| Word | Means | Not | German |\n|---|---|---|---|\n| plate | a picture | | Tafel* |\n| run | x | | |\n")
    assert len(words) == 1
    good = "<message><source>Remove plate %1</source><translation>Tafel %1 entfernen</translation></message>"
    assert not wrong_in("de", table(good), words)
    assert wrong_in("de", table(good.replace("Tafel", "Bild")), words)
    assert wrong_in("de", table(good.replace("Tafel %1", "Tafel")), words)
    assert wrong_in("de", table(good.replace("<translation>", '<translation type="unfinished">')), words)
    counted = '<message numerus="yes"><source>%n steps</source><comment>1 step</comment><translation><numerusform>1 Schritt</numerusform><numerusform>%n Schritte</numerusform></translation></message>'
    assert not wrong_in("de", table(counted), words)
    assert wrong_in("de", table(counted.replace("<numerusform>1 Schritt</numerusform>", "")), words)
    assert wrong_in("de", table(counted.replace("%n Schritte", "Schritte")), words)
    assert wrong_in("de", table("<message><source> and </source><translation>und</translation></message>"), words)


def main():
    if sys.argv[1:] == ["--self-test"]:
        return self_test()
    if len(sys.argv) != 2:
        sys.exit(__doc__)
    root = pathlib.Path(sys.argv[1])
    words = german_words((root / "docs/words.md").read_text())
    wrong = collected(root)
    count = 0
    for table in sorted((root / "resources/words").glob("*.ts")):
        language = table.stem.split("_")[1]
        text = table.read_text()
        count += sum(1 for _ in messages(text))
        wrong += wrong_in(language, text, words if language == "de" else [])
    print("\n".join(wrong) or f"{count} sentences, all of them there")
    sys.exit(1 if wrong or len(words) < 20 else 0)


main()
