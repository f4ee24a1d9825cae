#!/usr/bin/env python3
"""Fails when docs/architecture.md names what is not there, or leaves a layer, a room of the core or of the window out.
check_architecture.py ROOT | --self-test"""
import pathlib
import re
import sys
import tempfile

PAGE = "docs/architecture.md"
PARTS = ["src", "tests", "bench", "tools", "demo"]  # where a name without a path is looked for
ENDINGS = ["", ".h", ".cpp", ".py", ".sh", "_test.cpp"]


def named(page):
    """What stands between backticks, without the arguments of a command line."""
    for token in re.findall(r"`([^`]+)`", page):
        word = token.split()[0]
        yield token, word.split("=")[0]


def is_there(root, name, text):
    if "/" in name:
        plain = name.removeprefix("./").rstrip("/")
        return any((root / top / (plain + end)).exists() for top in ["", "src", "tests"] for end in ENDINGS) or any(
            list((root / top).glob(plain)) for top in ["", "src"])
    if "*" in name:
        return any(list((root / part).rglob(name)) for part in PARTS if (root / part).exists())
    if any((root / part).exists() and any((root / part).rglob(name + end)) for part in PARTS for end in ENDINGS):
        return True
    if (root / name).exists():
        return True
    return re.search(r"\b" + re.escape(name.split("::")[-1].rstrip("()")) + r"\b", text) is not None


def rooms(root):
    """The layers, and what a layer is made of where it is made of rooms."""
    for layer in sorted((root / "src").iterdir()):
        if not layer.is_dir():
            continue
        yield layer.name
        if layer.name in ("core", "app"):
            for room in sorted(layer.iterdir()):
                if room.is_dir():
                    yield room.name


def troubles(root):
    page = (root / PAGE).read_text()
    files = [f for part in PARTS + ["resources/templates", "packaging"] if (root / part).exists() for f in (root / part).rglob("*")
             if f.is_file() and f.suffix in (".h", ".cpp", ".txt", ".js", ".in", ".py", "") and "node_modules" not in f.parts]
    text = "\n".join(f.read_text(errors="replace") for f in files + [f for f in [root / "CMakeLists.txt", root / "run-tests"] if f.exists()])
    out = [f"`{token}` is named and not there" for token, name in named(page) if name != "this" and not is_there(root, name, text)]
    words = {part for _, name in named(page) for part in name.split("/")}
    return out + [f"{room} is there and not named" for room in rooms(root) if room not in words]


def self_test():
    with tempfile.TemporaryDirectory() as place:
        root = pathlib.Path(place)
        for folder in ["src/core/tape", "src/media", "docs"]:
            (root / folder).mkdir(parents=True)
        (root / "src/core/tape/logging.h").write_text("struct TapeHand {};\n")
        good = "`core` `core/tape` `media` `logging` `TapeHand` `core/tape/logging.h` `src/core --all`"
        (root / PAGE).write_text(good)
        assert troubles(root) == [], troubles(root)
        for wrong in ["`core/tapes`", "`logger`", "`HandOfTape`", "`core/tape/logs.h`", "`rules_of_*`"]:
            (root / PAGE).write_text(good + wrong)
            assert troubles(root) == [f"{wrong} is named and not there"], (wrong, troubles(root))
        (root / PAGE).write_text(good.replace("`media`", ""))
        assert troubles(root) == ["media is there and not named"], troubles(root)
    print("ok")


if sys.argv[1] == "--self-test":
    self_test()
else:
    found = troubles(pathlib.Path(sys.argv[1]))
    print("\n".join(found) or "ok")
    sys.exit(1 if found else 0)
