#!/usr/bin/env python3
"""Writes src/core/narration/word_classes.cpp from the WordNet database of Debian's package wordnet-base.

    tools/word_classes.py [/usr/share/wordnet] > src/core/narration/word_classes.cpp

A word is a thing when one of its four commonest senses is an artefact, otherwise its class is the lexicographer file of its
commonest noun sense, so that the reader knows a thing from a person or a meal in trades whose words nobody listed. Names of
people, places and makers and trade names are left out, and so are drugs: no workshop says them. Only run it again to take a
newer database; the result is committed.
"""
import sys

FOLDER = sys.argv[1] if len(sys.argv) > 1 else "/usr/share/wordnet"
CLASSES = {"Thing": {"06"}, "Substance": {"27"}, "Being": {"05", "18"}, "Meal": {"13"}, "Body": {"08"}}
# Words whose commonest sense is not the one a workshop means, or that are mostly no nouns there.
NOT = set("""a about above across after all along am an and any around as at back be been before behind below beside between
both but by can come do down each even ever every few for from get go good hand have he her here him his hit how i if in into
is it its just last left let like little look lot low lower may me mind more most much must my near need new next no nor not
now of off on once one only open or other our out over own part past point put right round run same saw say see set she
side so some still stop such take than that the their them then there these they this those through till time to too top turn
under up upper us use very was water way we well were what when where which while who why will with work would yes yet you
your first second third half double single free fine fast hard long short old pair set piece bit number line kind thing
stuff day night week month year hour minute place dry low right stick zero four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen
nineteen twenty thirty forty fifty sixty seventy eighty ninety hundred thousand dozen couple""".split())
# Trade names that WordNet writes without a capital.
NOT |= set("hoover jeep plexiglas primus thermos xerox".split())


class Sense:
    """A synset of data.noun: its lexicographer file, the words as written, and what it is a kind of."""

    def __init__(self, line):
        fields = line.partition("|")[0].split()
        self.file = fields[1]
        count = int(fields[3], 16)
        self.written = fields[4:4 + 2 * count:2]
        pointers = fields[5 + 2 * count:]
        self.kinds_of = [pointers[i + 1] for i in range(0, 4 * int(fields[4 + 2 * count]), 4) if pointers[i] in ("@", "@i")]

    def is_name_of(self, word):
        """Is it written with a capital here? Trade names are."""
        return word not in self.written


def senses():
    with open(f"{FOLDER}/data.noun", encoding="latin-1") as f:
        return {line.split(" ", 1)[0]: Sense(line) for line in f if not line.startswith("  ")}


def words_with_senses():
    all_senses = senses()
    drug = next(offset for offset, s in all_senses.items() if s.written == ["drug"])

    def is_drug(offset):
        return offset == drug or any(is_drug(kind) for kind in all_senses[offset].kinds_of)

    with open(f"{FOLDER}/index.noun", encoding="latin-1") as f:
        for line in f:
            if line.startswith("  "):
                continue
            fields = line.split()
            word, pointers = fields[0], int(fields[3])
            own = [o for o in fields[6 + pointers:] if not all_senses[o].is_name_of(word) and not is_drug(o)]
            if own:
                yield word, [all_senses[o].file for o in own]


lists = {name: [] for name in CLASSES}
for word, files in words_with_senses():
    if not word.isalpha() or not 3 <= len(word) <= 14 or word in NOT:
        continue
    thing = "06" in files[:4] and not files[0] in CLASSES["Meal"]
    for name, wanted in CLASSES.items():
        if thing if name == "Thing" else files[0] in wanted and not thing:
            lists[name].append(word)

print("// Made by tools/word_classes.py from WordNet 3.0, Copyright 2006 by Princeton University; see resources/licences/wordnet.txt.")
print('#include "core/narration/word_classes.h"\n\nnamespace anagraph::core::lexicon {\n')
for name, words in lists.items():
    print(f"const std::string_view kWordNet{name} =")
    line = ""
    for word in sorted(words):
        if len(line) + len(word) > 1000:
            print(f'    "{line}"')
            line = ""
        line += word + " "
    print(f'    "{line}";\n')
print("}  // namespace anagraph::core::lexicon")
