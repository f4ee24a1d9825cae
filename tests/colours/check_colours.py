#!/usr/bin/env python3
"""Colours stand in one table, resources/styles/tokens.json: no literal colour elsewhere, and no name the table lacks.

check_colours.py ROOT | --self-test
"""
import json
import pathlib
import re
import sys

LITERAL = re.compile(r'(?<![&\w])#(?:[0-9a-fA-F]{6}|[0-9a-fA-F]{3})\b(?!-)|\bQColor\(\s*\d|\bqRgba?\(|Qt::(?:white|black|red|green|blue|yellow|gr[ae]y)\b')
# a name asked of the table, or put into a style or a template by "@"
ASKED = re.compile(r'\bcolour\("([a-z_]+)"\)')
NOT_COLOURS = {'titlept', 'smallpt', 'page', 'media', 'font', 'bottom', 'top', 'footnote', 'supports', 'keyframes', 'print'}
IN_STYLE = re.compile(r'@([a-z_]+)')


def troubles(name, text, known):
    out = []
    for number, line in enumerate(text.split('\n'), 1):
        for m in LITERAL.finditer(line):
            out.append(f'{name}:{number}: {m[0]} stands here and not in the table of colours')
        found = ASKED.findall(line)
        if name.endswith(('.css', '.qss', '.html')):
            found += [w for w in IN_STYLE.findall(line) if w not in NOT_COLOURS]
        out += [f'{name}:{number}: the table of colours has no "{w}"' for w in found if w not in known]
    return out


def self_test():
    known = {'ink'}
    assert troubles('a.cpp', 'p.fillRect(r, QColor(1, 2, 3));', known)
    assert troubles('a.cpp', 'p.setBrush(Qt::white);', known)
    assert troubles('a.css', 'a { color: #20242a; }', known)
    assert troubles('a.css', 'a { color: @inc; }', known)
    assert troubles('a.cpp', 'colour("inc")', known)
    assert not troubles('a.css', '@page { color: @ink; } @media print { #top { color: var(--ink); } }', known)
    assert not troubles('a.cpp', 'colour("ink"); out.fill(Qt::transparent); "&#9312;"', known)


if sys.argv[1] == '--self-test':
    self_test()
    sys.exit(0)
root = pathlib.Path(sys.argv[1])
table = {k for k, v in json.loads((root / 'resources/styles/tokens.json').read_text()).items() if isinstance(v, str)}
found = []
for folder, ends in (('src', ('.cpp', '.h')), ('resources/styles', ('.qss',)), ('resources/templates', ('.css', '.html'))):
    for path in sorted((root / folder).rglob('*')):
        if path.suffix in ends:
            found += troubles(str(path.relative_to(root)), path.read_text(), table)
print('\n'.join(found) or f'{len(table)} colours, one table')
sys.exit(bool(found))
