#!/usr/bin/env python3
"""Fails when a source file of a layer includes what the layer may not.   check_layers.py SRC | --self-test"""
import pathlib
import re
import sys
import tempfile

OURS = ["core", "media", "store", "paper", "publish", "shop", "app"]
# What each layer may include of ours, and which foreign headers it may not.
MAY = {
    "core": ["core"],
    "media": ["core", "media"],
    "store": ["core", "store"],
    "paper": ["core", "paper"],
    "publish": ["core", "media", "store", "publish"],
    "shop": ["core", "media", "store", "publish", "shop"],
    "cli": ["core", "media", "store", "paper", "publish", "shop", "cli"],
    "wrench": ["core", "wrench"],
    "camera": ["core", "media", "camera"],
    "app": OURS,
}
QT = r"Q[A-Z]\w*|Qt\w*"
AV = r"lib(av|sw)\w+/.*"
MPV = r"mpv/.*"
CV = r"opencv2/.*"
MAY_NOT = {
    "core": [QT, AV, MPV, CV, r"sodium.*", r"sqlite.*", r"CLI/.*"],
    "media": [QT, r"sodium.*", r"CLI/.*"],
    "store": [r"Q(Widget|Application|Painter|Image|Pixmap|MainWindow)\w*", AV, MPV, CV],
    "paper": [r"Q(Widget|MainWindow|Dialog)\w*", AV, MPV, CV, r"QSql\w*"],
    "publish": [r"Q(Widget|MainWindow|Dialog)\w*", AV, MPV, CV],
    "shop": [QT, AV, MPV, CV],
    "cli": [r"Q(Widget|MainWindow|Dialog|GuiApplication|Application)\w*", AV, MPV, CV],
    "wrench": [QT, AV, MPV, CV, r"sodium.*"],
    "camera": [QT, MPV, r"sodium.*"],
    "app": [AV, MPV, CV, r"sodium.*", r"QSql\w*"],
}


def troubles(src):
    found = []
    for layer, allowed in MAY.items():
        for path in sorted((src / layer).rglob("*")):
            if path.suffix not in (".h", ".cpp"):
                continue
            for number, line in enumerate(path.read_text(encoding="utf-8").splitlines(), 1):
                m = re.match(r'\s*#\s*include\s*[<"]([^>"]+)[>"]', line)
                if not m:
                    continue
                header = m.group(1)
                top = header.split("/")[0]
                if "/" in header and top in OURS and top not in allowed:
                    found.append(f"{path}:{number}: {layer} may not include {header}")
                for pattern in MAY_NOT[layer]:
                    if re.fullmatch(pattern, header):
                        found.append(f"{path}:{number}: {layer} may not include {header}")
    return found


def self_test():
    with tempfile.TemporaryDirectory() as folder:
        src = pathlib.Path(folder)
        for layer in MAY:
            (src / layer).mkdir()
        (src / "core" / "good.cpp").write_text("#include <string>\n#include \"core/base/result.h\"\n")
        assert not troubles(src)
        for layer, header in [("core", "<QString>"), ("core", "<libavcodec/avcodec.h>"), ("core", "\"store/library.h\""), ("media", "<QImage>"), ("store", "\"app/main.h\""), ("app", "<QSqlQuery>"), ("publish", "<QWidget>")]:
            bad = src / layer / "bad.cpp"
            bad.write_text(f"#include {header}\n")
            assert len(troubles(src)) == 1, (layer, header)
            bad.unlink()


if sys.argv[1] == "--self-test":
    self_test()
else:
    found = troubles(pathlib.Path(sys.argv[1]))
    print("\n".join(found))
    sys.exit(1 if found else 0)
