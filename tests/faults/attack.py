#!/usr/bin/env python3
"""Hostile films, names, libraries and packs, given to the real programs, a group at a time.

    attack.py PROGRAMS FILMS SHARE [GROUP ...]   SHARE: 1 tries everything, 10 a tenth of it

PROGRAMS: where anagraph-cli, fault-worker and make-demo-library lie. FILMS: the demo's films. A trial holds when no program crashes
or hangs, each refusal is a sentence, and what must be refused is. Prints tried and held of each group; exit 1 where one did not hold.
SEED in the environment repeats a run.
"""
import hashlib
import json
import os
import random
import shutil
import sqlite3
import subprocess
import sys
import tempfile
import time
from contextlib import closing

from runs import GUIDES, Runs, Trouble

LONGEST = 120  # seconds a program may take before it counts as hung
DEMO_GUIDE = "perrick-pt60-100-h-service"
HOSTILE = ["<img src=x onerror=alert(1)>", "\u202egnp", "'; DROP TABLE guide; --", "{figure:none}", "a" * 100_000, "../../../x", "\u0000", "&lt;script&gt;", "{item:{item:x}}", "]]>", "\U0001F6E0" * 50, "-1e999"]
NUMBERS = [-1, 0, 10**9, 2**63 - 1, -(2**63), 1e300, "x", None, [], True]


class Attack(Runs):
    def __init__(self, programs, films, scratch, share, seed):
        super().__init__(programs, "", scratch)
        self.share = share
        self.dice = random.Random(seed)
        self.demo = self.path("demo")
        self.must([os.path.join(programs, "make-demo-library"), films, self.demo])
        self.pack = self.path("pack")
        self.issued = self.fresh()
        self.must(self.command("issue", self.issued, self.pack))

    def say(self, *arguments, ends=(0, 1, 2, 3, 105, 106, 109), limit=None):
        """Runs the command line; a crash, a hang or an ending without a word is trouble. Gives the ending and what was said."""
        command = ([f"ulimit {limit}; exec \"$@\"", "_"] if limit else []) + [self.cli, *arguments]
        command = ["bash", "-c", *command] if limit else command
        try:
            done = subprocess.run(command, env=self.environment, capture_output=True, timeout=LONGEST)
        except subprocess.TimeoutExpired:
            raise Trouble(f"{arguments}: no end in {LONGEST} s") from None
        said = done.stderr.decode("utf-8", "replace") + done.stdout.decode("utf-8", "replace")
        if done.returncode not in ends:
            raise Trouble(f"{arguments}: ended with {done.returncode}: {said[-300:]}")
        if done.returncode != 0 and not said.strip():
            raise Trouble(f"{arguments}: refused without a word")
        return done.returncode, said

    def some(self, things):
        things = list(things)
        return things if self.share == 1 else self.dice.sample(things, max(1, len(things) // self.share))

    def bend(self, data):
        """A copy with something wrong in it: bytes turned, a stretch away, doubled or empty, the end away."""
        d, data = self.dice, bytearray(data)
        at = d.randrange(len(data))
        far = min(len(data), at + d.randrange(1, max(2, len(data) // 8)))
        match d.choice(["bytes", "away", "twice", "empty", "end"]):
            case "bytes":
                for _ in range(d.choice([1, 10, 200])):
                    data[d.randrange(len(data))] ^= 1 << d.randrange(8)
            case "away":
                del data[at:far]
            case "twice":
                data[at:at] = data[at:far]
            case "empty":
                data[at:far] = bytes(far - at)
            case "end":
                del data[at:]
        return bytes(data)

    # -- groups: each gives trials, a trial raises Trouble where it does not hold

    def bring_in(self, film, *more, refused=False):
        library = self.fresh()
        ending, said = self.say("import", library, film, *more)
        if refused and ending == 0:
            raise Trouble(f"{film!r} came in")
        self.whole(self.look(library))
        shutil.rmtree(library)
        return ending

    def films(self):
        sources = [self.path("films", "coming.mp4")]
        for suffix, how in (("mkv", ["-c", "copy"]), ("mov", ["-c", "copy"]), ("avi", ["-c:v", "mpeg4", "-c:a", "mp3"]), ("ts", ["-c", "copy"]), ("webm", ["-c:v", "libvpx", "-deadline", "realtime", "-c:a", "libopus"])):
            made = self.path("films", "other." + suffix)
            subprocess.run(["ffmpeg", "-v", "error", "-y", "-i", sources[0], *how, made], check=True)
            sources.append(made)
        for i in range(60):
            yield lambda source=sources[i % len(sources)], i=i: self.bring_in(self.written(f"bent-{i}{os.path.splitext(source)[1]}", self.bend(open(source, "rb").read())))

    def written(self, name, data):
        path = self.path(name)
        with open(path, "wb") as out:
            out.write(data)
        return path

    def playlists(self):
        film = self.path("films", "known.mp4")
        lists = [f"#EXTM3U\n#EXTINF:3,\nfile://{film}\n#EXT-X-ENDLIST\n", f"ffconcat version 1.0\nfile {film}\n", f"[playlist]\nFile1={film}\nNumberOfEntries=1\n", f"v=0\no=- 0 0 IN IP4 127.0.0.1\ns=x\nc=IN IP4 127.0.0.1\nm=video 5004 RTP/AVP 96\na=rtpmap:96 H264/90000\n", f"<MPD><Period><BaseURL>{film}</BaseURL></Period></MPD>", f"concat:{film}|{film}"]
        for i, words in enumerate(lists):
            for suffix in ("mp4", "m3u8", "mkv"):
                yield lambda i=i, words=words, suffix=suffix: self.bring_in(self.written(f"list-{i}.{suffix}", words.encode()), refused=True)

    def narrations(self):
        vtt = open(self.path("films", "coming.vtt"), "rb").read()
        made = [b"WEBVTT\n\n00:00.000 --> 00:01.000\n" + b"<" * 2_000_000, b"\xff\xfe" + vtt.decode().encode("utf-16-le"), b"\0" * 5000, b"WEBVTT\n\n99:99:99.999 --> 00:00.000\nx\n", b"1\n00:00:00,000 --> 00:00:01,000\n" + b"{" * 100_000, b""]
        for i in range(42):
            data = made[i] if i < len(made) else self.bend(vtt)
            yield lambda i=i, data=data: (self.say("read", self.written(f"n-{i}.vtt", data)), self.bring_in(self.path("films", "coming.mp4"), "--narration", self.path(f"n-{i}.vtt")))

    def names(self):
        odd = ["-rf", "a\nb", "a\tb", "\u202egnp.4pm", "\U0001F6E0", "a" * 240, "\"quoted\"", "$(x)", "%n%s", "a;b", "a|b", "..a", "#EXTM3U", "concat:a", "pipe:0", "file:a", "a?b=c", "CON", "a\\b"]
        films = self.path("films", "coming.mp4")
        for i, name in enumerate(odd):
            yield lambda name=name: (shutil.copy(films, self.path(name + ".mp4")), self.bring_in(self.path(name + ".mp4")), self.bring_in(self.path(name + ".mp4"), "--in-place"))
        for raw in (b"\xff\xfe.mp4", b"a\xe9.mp4", b"x.m\xf04"):
            path = os.path.join(self.scratch.encode(), raw)
            yield lambda path=path: (shutil.copy(films, path), self.bring_in(path), self.bring_in(path, "--in-place"))
        words = ["", " ", "--", "-1", "\n", "../..", "/", "/dev/null", "/dev/zero", "\xff", "1e999", "nan", "a" * 100_000, b"\xff\xfe"]
        for word in words:
            for command in (["list", word], ["check", self.issued, word], ["figures", word, word], ["read", word], ["verify", word], ["cut", films, word, word, "--to", self.path("never.mp4")], ["deliver", self.issued, GUIDES[0], word, "--to", self.path("never")], ["--json", "list", word], ["calc", "convert", word, word], ["reshoot", self.issued, word]):
                yield lambda command=command: self.say(*command)

    def locks(self):
        me = os.uname().nodename
        for content in (b"", b"\0\xff" * 500, b"process 1 on elsewhere, since 2020-01-01 00:00\n", f"process 999999 on {me}, since 2020-01-01 00:00\n".encode(), f"process {os.getpid()} on {me}, since 2020-01-01 00:00\n".encode(), b"x" * 1_000_000, b"process \n" * 10):
            def trial(content=content):
                library = self.fresh()
                with open(os.path.join(library, "library.lock"), "wb") as out:
                    out.write(content)
                if self.say("list", library)[0] != 0 or self.say("import", library, self.path("films", "coming.mp4"))[0] != 0:
                    raise Trouble(f"a lock of {content[:20]!r} holds people up")
                shutil.rmtree(library)
            yield trial

    def pairs(self):
        commands = ("import", "issue", "edit", "replace")
        for a in commands:
            for b in commands:
                def trial(a=a, b=b):
                    library = self.library = self.fresh()
                    before = self.look(library)
                    runs = []
                    for i, what in enumerate((a, b)):
                        command = self.command(what, library, self.path(f"pair-{self.n}-{i}"))
                        command[-1] = "5" if what in ("edit", "replace") else command[-1]
                        runs.append(subprocess.Popen(command, env=self.environment, stdout=subprocess.PIPE, stderr=subprocess.PIPE, text=True))
                    for run in runs:
                        said, wrong = run.communicate(timeout=LONGEST)
                        if run.returncode not in (0, 1) or (run.returncode == 1 and not wrong.strip()):
                            raise Trouble(f"{a} beside {b}: {run.returncode}: {wrong}")
                    if all(run.returncode for run in runs):
                        raise Trouble(f"{a} beside {b}: neither went through")
                    self.whole(self.look(library))
                    shutil.rmtree(library)
                yield trial

    def limits(self):
        film = self.path("films", "coming.mp4")
        for limit in [f"-f {n}" for n in (0, 8, 32, 64, 128, 256, 512)] + [f"-n {n}" for n in (4, 6, 8, 10, 12, 16, 20, 24, 32)] + [f"-v {n}" for n in (100_000, 200_000, 300_000, 400_000, 500_000, 600_000)]:
            for what in ("import", "issue", "list"):
                def trial(limit=limit, what=what):
                    library = self.fresh()
                    out = self.path(f"limit-{self.n}")
                    arguments = {"import": ["import", library, film], "issue": self.command("issue", library, out)[1:], "list": ["list", library]}[what]
                    # the system (127) and Qt (-6: no file left to load what draws) may end it before it begins, each with a sentence
                    self.say(*arguments, limit=limit, ends=(0, 1, 2, 127, -6))
                    self.whole(self.look(library))
                    shutil.rmtree(library)
                yield trial

    def use(self, library):
        """What a person would do with a library; gives whether anything was refused."""
        out = self.path(f"use-{self.n}")
        refused = False
        for arguments in (["list", library], ["check", library, GUIDES[0]], ["figures", library, GUIDES[0]], ["deliver", library, GUIDES[0], "1", "--to", out], ["issue", library, GUIDES[1], "--to", out + "-2", "--checker", "checker"], ["import", library, self.path("films", "known.mp4")]):
            refused |= self.say(*arguments)[0] != 0
        if os.path.exists(out):
            state = self.say("verify", out)[0]
            if state != 3:  # intact, and not signed
                raise Trouble("a damaged pack was delivered without a word")
        return refused

    def files_of(self, folder):
        return sorted(os.path.join(at, name) for at, _, names in os.walk(folder) for name in names)

    def copied(self, library):
        self.n += 1
        to = self.path(f"library-{self.n}")
        shutil.copytree(library, to, symlinks=True)
        return to

    def bytes(self):
        for _ in range(60):
            def trial():
                library = self.copied(self.issued)
                files = [f for f in self.files_of(library) if os.path.getsize(f) > 0]
                victim = self.dice.choice(files)
                data = bytearray(open(victim, "rb").read())
                for _ in range(self.dice.choice([1, 1, 5, 100])):
                    data[self.dice.randrange(len(data))] ^= 1 << self.dice.randrange(8)
                with open(victim, "wb") as out:
                    out.write(data)
                self.use(library)
                shutil.rmtree(library)
            yield trial

    def files(self):
        names = [os.path.relpath(f, self.issued) for f in self.files_of(self.issued)]
        for name in names:
            for how in ("away", "empty", "folder", "link", "garbage"):
                def trial(name=name, how=how):
                    library = self.copied(self.issued)
                    path = os.path.join(library, name)
                    os.unlink(path)
                    if how == "folder":
                        os.mkdir(path)
                    elif how == "link":
                        os.symlink("/etc/passwd", path)
                    elif how != "away":
                        self.written(path, b"" if how == "empty" else os.urandom(3000))
                    self.use(library)
                    shutil.rmtree(library)
                yield trial

    def index(self):
        name = next(f for f in self.files_of(self.issued) if f.endswith("index.json"))
        relative = os.path.relpath(name, self.issued)
        plain = json.load(open(name))

        def leaves(j, way=()):
            if isinstance(j, dict):
                for k, v in j.items():
                    yield from leaves(v, way + (k,))
            elif isinstance(j, list):
                for k, v in list(enumerate(j))[:2]:
                    yield from leaves(v, way + (k,))
            yield way

        for way in leaves(plain):
            for value in self.dice.sample(NUMBERS, 3) + [45, 9e30]:
                def trial(way=way, value=value):
                    library = self.copied(self.issued)
                    self.written(os.path.join(library, relative), json.dumps(put(plain, way, value)).encode())
                    self.use(library)
                    shutil.rmtree(library)
                yield trial

    def fields(self):
        """Every kind of field of the demo's guide, its text or number exchanged for a hostile one and the guide sealed anew."""
        db = os.path.join(self.demo, "library.db")
        with closing(sqlite3.connect(db)) as c, c:
            sequence, body = c.execute("SELECT sequence, body FROM snapshot WHERE guide = ? ORDER BY sequence DESC", (DEMO_GUIDE,)).fetchone()
        guide = json.loads(body)
        seen = {}

        def leaves(j, way=(), shape=()):
            if isinstance(j, dict):
                for k, v in j.items():
                    leaves(v, way + (k,), shape + (k,))
            elif isinstance(j, list):
                for k, v in enumerate(j):
                    leaves(v, way + (k,), shape + ("[]",))
            else:
                seen.setdefault(shape, way)

        leaves(guide)
        for way in seen.values():
            for value in self.dice.sample(HOSTILE, 4) + self.dice.sample(NUMBERS, 2):
                def trial(way=way, value=value):
                    bent = json.dumps(put(guide, way, value))
                    with closing(sqlite3.connect(db)) as c, c:
                        c.execute("UPDATE snapshot SET body = ?, seal = ? WHERE guide = ? AND sequence = ?", (bent, hashlib.sha256(f"{sequence}\n{bent}".encode("utf-8", "surrogatepass")).hexdigest(), DEMO_GUIDE, sequence))
                    try:
                        for command in ("check", "figures", "reshoot"):
                            self.say(command, self.demo, DEMO_GUIDE)
                        if self.dice.random() < 0.1:
                            library = self.copied(self.demo)
                            self.say("issue", library, DEMO_GUIDE, "--to", self.path(f"demo-pack-{self.n}"), "--checker", "checker")
                            shutil.rmtree(library)
                            shutil.rmtree(self.path(f"demo-pack-{self.n}"), ignore_errors=True)
                    finally:
                        with closing(sqlite3.connect(db)) as c, c:
                            c.execute("UPDATE snapshot SET body = ?, seal = ? WHERE guide = ? AND sequence = ?", (body, hashlib.sha256(f"{sequence}\n{body}".encode()).hexdigest(), DEMO_GUIDE, sequence))
                yield trial

    def packs(self):
        names = [os.path.relpath(f, self.pack) for f in self.files_of(self.pack)]

        def alter(how, name):
            pack = self.copied(self.pack)
            path = os.path.join(pack, name)
            data = bytearray(open(path, "rb").read())
            match how:
                case "bit":
                    data[self.dice.randrange(len(data))] ^= 1 << self.dice.randrange(8)
                    self.written(path, data)
                case "shorter":
                    self.written(path, data[:-1])
                case "longer":
                    self.written(path, data + b"\n")
                case "away":
                    os.unlink(path)
                case "renamed":
                    os.rename(path, path + "x")
                case "link":
                    os.rename(path, self.path(f"aside-{self.n}"))
                    os.symlink(self.path(f"aside-{self.n}"), path)
                case "added":
                    self.written(path + ".more", b"more")
                case "sealed anew":
                    # altered, and the manifest made to fit
                    self.written(path, data + b" ")
                    manifest = os.path.join(pack, "manifest.json")
                    listed = json.load(open(manifest))
                    listed["files"][name] = hashlib.sha256(data + b" ").hexdigest()
                    self.written(manifest, json.dumps(listed).encode())
            ending, said = self.say("--json", "verify", pack, "--library", self.issued)
            answer = json.loads(said[said.index("{"):]) if "{" in said else {}
            if ending == 0 and answer.get("issued_by_library", True):
                raise Trouble(f"{how} {name}: {said[:300]}")
            shutil.rmtree(pack)

        for name in names:
            for how in ("bit", "bit", "shorter", "longer", "away", "renamed", "link", "added", "sealed anew"):
                if how != "sealed anew" or name != "manifest.json":
                    yield lambda how=how, name=name: alter(how, name)


def put(j, way, value):
    """A copy of `j` with `value` at the place `way` leads to."""
    if not way:
        return value
    copy = dict(j) if isinstance(j, dict) else list(j)
    copy[way[0]] = put(copy[way[0]], way[1:], value)
    return copy


GROUPS = ["films", "playlists", "narrations", "names", "locks", "pairs", "limits", "bytes", "files", "index", "fields", "packs"]


def main():
    if len(sys.argv) < 4:
        sys.exit(__doc__)
    programs, films, share = sys.argv[1], sys.argv[2], int(sys.argv[3])
    wanted = sys.argv[4:] or GROUPS
    scratch = tempfile.mkdtemp(prefix="anagraph-attack-")
    wrong = 0
    try:
        attack = Attack(os.path.abspath(programs), os.path.abspath(films), scratch, share, int(os.environ.get("SEED", "1")))
        for group in wanted:
            began = time.monotonic()
            tried = held = 0
            for trial in attack.some(getattr(attack, group)()):
                tried += 1
                try:
                    trial()
                    held += 1
                except Trouble as e:
                    print(f"  {group}: {e}")
            print(f"{group:11} tried {tried:4}  held {held:4}  {time.monotonic() - began:5.0f} s", flush=True)
            wrong += tried - held
    finally:
        shutil.rmtree(scratch, ignore_errors=True)
    sys.exit(1 if wrong else 0)


if __name__ == "__main__":
    main()
