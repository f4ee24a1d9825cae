#!/usr/bin/env python3
"""Kills and failing file calls, done to the real programs.

    runs.py PROGRAMS FAIL_CALLS kills N          N kills at random moments of import, issue, edits, replacing, the bench (also the real
                                                 window driven by keys) and the open window
    runs.py PROGRAMS FAIL_CALLS calls EVERY      each EVERY-th file call of import, issue and an edit made to fail once, with
                                                 EIO, ENOSPC and EACCES, and the program killed there
    runs.py PROGRAMS FAIL_CALLS memory EVERY     each EVERY-th allocation of an import made to fail

PROGRAMS: where anagraph-cli and fault-worker lie. FAIL_CALLS: the library of fail_calls.c. Exit 1 where anything that was said to
be saved is lost, anything unknown stays, a program ends otherwise than with a sentence, or the sentence names another reason.
SEED in the environment repeats a run.
"""
import errno
import json
import os
import random
import shutil
import subprocess
import sys
import tempfile
import time

GUIDES = ["perrick-pt60-one", "perrick-pt60-two", "perrick-pt60-three"]
REASONS = {errno.EIO: ["failed", "error"], errno.ENOSPC: ["full"], errno.EACCES: ["may not", "may be", "permission"]}
# which errors can come of which calls; the others are made to happen too, and only their reason is not asked for
OPENS = {"create", "open to write", "open to read", "mkostemp", "mkdtemp", "rename", "renameat2", "link", "mkdir", "unlink"}
GROWS = {"create", "mkostemp", "mkdtemp", "rename", "renameat2", "link", "mkdir", "write", "writev", "pwrite", "pwrite64", "fsync", "fdatasync"}
CAN = {errno.EIO: None, errno.EACCES: OPENS, errno.ENOSPC: GROWS}


class Trouble(Exception):
    pass


class Runs:
    def __init__(self, programs, shim, scratch):
        self.cli = os.path.join(programs, "anagraph-cli")
        self.worker = os.path.join(programs, "fault-worker")
        self.window = os.path.join(programs, "anagraph")
        self.bench_window = os.path.join(programs, "fault-bench-window")
        self.shim = shim
        self.scratch = scratch
        self.n = 0
        self.environment = dict(os.environ, QT_QPA_PLATFORM="offscreen", ANAGRAPH_SILENT="1", LC_ALL="C.UTF-8", XDG_RUNTIME_DIR=scratch)
        os.makedirs(self.path("films"))
        for name, pattern in (("known", "testsrc2"), ("coming", "testsrc")):
            film = self.path("films", name + ".mp4")
            subprocess.run(["ffmpeg", "-v", "error", "-y", "-f", "lavfi", "-i", f"{pattern}=size=320x240:rate=25:duration=3", "-f", "lavfi", "-i", "sine=440:duration=3", "-c:v", "libx264", "-preset", "ultrafast", "-c:a", "aac", film], check=True)
            with open(self.path("films", name + ".vtt"), "w") as out:
                out.write("WEBVTT\n\n00:00.000 --> 00:01.000\npush the lever\n\n00:01.000 --> 00:02.000\nnow wait\n")
        self.base = self.path("base")
        self.must([self.worker, "make", self.base, self.path("films", "known.mp4")])
        self.must([self.worker, "make-bench", self.base])

    def path(self, *parts):
        return os.path.join(self.scratch, *parts)

    def must(self, command):
        done = subprocess.run(command, env=self.environment, capture_output=True, text=True)
        if done.returncode != 0:
            raise Trouble(f"{command[1:]}: {done.stderr}")
        return done.stdout

    def fresh(self):
        self.n += 1
        library = self.path(f"library-{self.n}")
        shutil.copytree(self.base, library)
        return library

    def look(self, library):
        return json.loads(self.must([self.worker, "look", library]))

    def command(self, what, library, out):
        if what == "import":
            return [self.cli, "import", library, self.path("films", "coming.mp4")]
        if what == "issue":
            return [self.cli, "issue", library, GUIDES[0], "--to", out, "--checker", "checker"]
        if what == "window":
            return [self.window, library]
        if what == "bench by keys":
            return [self.bench_window, library, "12"]
        return [self.worker, what, library, "400" if what == "edit" else "60"]

    # -- what must hold whatever happened

    def whole(self, state):
        if state["unknown"]:
            raise Trouble(f"unknown things stay: {state['unknown']}")
        for kind in ("recordings", "editions"):
            for thing in state[kind]:
                if not thing["whole"]:
                    raise Trouble(f"not whole: {thing}")
        if any(g["lost"] for g in state["guides"]):
            raise Trouble("changes are lost")
        if len({g["line"] for g in state["guides"]}) != 1:
            raise Trouble(f"replaced in some guides only: {state['guides']}")

    def check(self, what, before, after, said, ended, out):
        """`ended`: the program ended by itself and without an error; `said`: what it wrote by then."""
        self.whole(after)
        numbers = [int(x) for x in said.split() if x.lstrip("-").isdigit()]
        was, now = int(before["guides"][0]["note"] or 0), int(after["guides"][0]["note"] or 0)
        if what == "edit":
            last = numbers[-1] if numbers else was
            if not last <= now <= last + 1:
                raise Trouble(f"edit {last} was called saved, {now} is there")
        elif now != was:
            raise Trouble("an edit came from nowhere")
        if after["learners"] != after["handed_out"]:
            raise Trouble(f"half of a hand-out: {after['learners']} learners, {after['handed_out']} handed out")
        if what == "hand":
            last = numbers[-1] if numbers else before["learners"]
            if not last <= after["learners"] <= last + 1:
                raise Trouble(f"hand-out {last} was called recorded, {after['learners']} are there")
        elif after["learners"] != before["learners"]:
            raise Trouble("a hand-out came from nowhere")
        if what in ("bench", "bench by keys"):
            last = numbers[-1] if numbers else before["found"]
            if not last <= after["found"] <= last + 1:
                raise Trouble(f"at the bench {last} was called kept, {after['found']} are there")
        elif after["found"] != before["found"]:
            raise Trouble("something was found at the bench that nobody entered")
        if what == "replace" and numbers:
            pressed = after["guides"][0]["line"].startswith("Press")
            # what was said last holds, or the replacement after it went through and could not be said any more
            if ended and pressed != (numbers[-1] == 1):
                raise Trouble("a replacement that was called saved is lost")
        if what == "import":
            came = len(after["recordings"]) - len(before["recordings"])
            if ended and came == 0 and len(before["recordings"]) < 2:
                raise Trouble("an import that was called done is lost")
            if any(r["lines"] != 2 for r in after["recordings"]):
                raise Trouble("a recording without its narration")
        if what == "issue":
            if ended and len(after["editions"]) != len(before["editions"]) + 1:
                raise Trouble("an edition that was called issued is not there")
            if os.path.exists(out):
                pack = json.loads(subprocess.run([self.cli, "--json", "verify", out, "--library", self.library], env=self.environment, capture_output=True, text=True).stdout)
                if not pack.get("issued_by_library"):
                    raise Trouble(f"a pack went out that the library does not know: {pack}")

    # -- kills

    def kills(self, count, seed):
        dice = random.Random(seed)
        took = {}
        tally = {}
        library = None
        for i in range(count):
            if i % 12 == 0:
                if library:
                    shutil.rmtree(library)
                library = self.fresh()
                imported = False
            self.library = library
            what = dice.choice(["import", "issue", "edit", "replace", "hand", "bench", "bench by keys"] * 4 + ["window"])
            if what == "issue":
                self.must([self.worker, "edit", library, "1"])
            if what == "import" and len(self.look(library)["recordings"]) > 1 and dice.random() < 0.7:
                shutil.rmtree(library)
                library = self.library = self.fresh()
            before = self.look(library)
            out = self.path(f"out-{i}")
            began = time.monotonic()
            process = subprocess.Popen(self.command(what, library, out), env=self.environment, stdout=subprocess.PIPE, stderr=subprocess.PIPE, text=True, start_new_session=True)
            try:
                process.wait(dice.uniform(0, took.get(what, 3.0) * 1.05))
            except subprocess.TimeoutExpired:
                os.killpg(process.pid, 9)
            said, wrong = process.communicate()
            ended = process.returncode == 0
            if ended:
                took[what] = time.monotonic() - began
            if process.returncode not in (0, -9):
                raise Trouble(f"kill {i}, {what}: ended with {process.returncode}: {wrong}")
            try:
                self.check(what, before, self.look(library), said, ended, out)
            except Trouble as e:
                raise Trouble(f"kill {i}, {what}: {e}")
            # nothing but the pack itself may lie where it was put, and what a killed copy left beside it
            shutil.rmtree(out, ignore_errors=True)
            key = (what, "ended" if ended else "killed")
            tally[key] = tally.get(key, 0) + 1
        return tally

    # -- failing calls

    def one(self, what, **fail):
        library = self.library = self.fresh()
        out = self.path(f"out-{self.n}")
        before = self.look(library)
        count = self.path("count")
        if os.path.exists(count):
            os.unlink(count)
        command = self.command(what, library, out)
        if what in ("edit", "hand", "bench"):
            command[-1] = "1"
        settings = dict(self.environment, LD_PRELOAD=self.shim, FAIL_PROGRAM=os.path.basename(command[0])[:15], FAIL_UNDER=f"{library}:{self.path('films')}:{self.path('out-')}", FAIL_COUNT=count, **{k: str(v) for k, v in fail.items()})
        done = subprocess.run(command, env=settings, capture_output=True, text=True, timeout=300)
        counted = open(count).read().split(None, 2) if os.path.exists(count) else ["0", "0", "-"]
        try:
            self.check(what, before, self.look(library), done.stdout, done.returncode == 0, out)
            # Qt's own containers do not look whether an allocation of theirs failed: there the program ends, and the library is
            # whole all the same
            in_qt = "FAIL_ALLOCATION" in fail and done.returncode in (-11, -6)
            if done.returncode not in (0, 1, 2) and not in_qt and not (fail.get("FAIL_ERRNO") == "kill" and done.returncode == -9):
                raise Trouble(f"ended with {done.returncode}: {done.stderr[-300:]}")
            if done.returncode in (1, 2) and not done.stderr.strip():
                raise Trouble("ended without a word")
        except Trouble as e:
            raise Trouble(f"{what} {fail} ({counted[2].strip()}): {e}; it said: {done.stderr.strip()[-400:]}")
        shutil.rmtree(library)
        shutil.rmtree(out, ignore_errors=True)
        return done, int(counted[0]), int(counted[1]), counted[2].strip()

    def calls(self, every):
        tally = {}
        for what in ("edit", "hand", "bench", "import", "issue"):
            _, count, _, _ = self.one(what, FAIL_AT=0)
            if count < 20:
                raise Trouble(f"{what}: only {count} file calls were counted; nothing would be tried")
            for at in range(1, count + 1, {"edit": 1, "hand": 4, "bench": 12}.get(what, every)):
                for number in (errno.EIO, errno.ENOSPC, errno.EACCES, "kill"):
                    done, _, _, failed = self.one(what, FAIL_AT=at, FAIL_ERRNO=number)
                    if number != "kill" and done.returncode != 0 and failed != "-" and (CAN[number] is None or failed in CAN[number]):
                        if not any(word in done.stderr for word in REASONS[number]):
                            raise Trouble(f"{what}, call {at} ({failed}) with {os.strerror(number)}: it said {done.stderr.strip()}")
                    key = (what, "killed" if number == "kill" else "told" if done.returncode else "went on")
                    tally[key] = tally.get(key, 0) + 1
        return tally

    def memory(self, every):
        tally = {}
        _, _, count, _ = self.one("import", FAIL_AT=0)
        if count < 1000:
            raise Trouble(f"only {count} allocations were counted; nothing would be tried")
        for at in range(1, count + 1, every):
            done, _, _, _ = self.one("import", FAIL_ALLOCATION=at)
            key = ("import", "went on" if done.returncode == 0 else "told" if done.returncode > 0 else "ended in Qt")
            tally[key] = tally.get(key, 0) + 1
        if tally.get(("import", "ended in Qt"), 0) * 5 > sum(tally.values()):
            raise Trouble(f"too many ended without a word: {tally}")
        return tally


def main():
    if len(sys.argv) != 5:
        sys.exit(__doc__)
    programs, shim, what, number = sys.argv[1:]
    seed = int(os.environ.get("SEED", "1"))
    scratch = tempfile.mkdtemp(prefix="anagraph-faults-")
    try:
        runs = Runs(os.path.abspath(programs), os.path.abspath(shim), scratch)
        began = time.monotonic()
        tally = runs.kills(int(number), seed) if what == "kills" else runs.calls(int(number)) if what == "calls" else runs.memory(int(number))
        for key in sorted(tally):
            print(f"{key[0]:9} {key[1]:9} {tally[key]}")
        print(f"{sum(tally.values())} runs in {time.monotonic() - began:.0f} s, nothing lost, nothing left")
    except Trouble as e:
        print(f"WRONG: {e}")
        sys.exit(1)
    finally:
        shutil.rmtree(scratch, ignore_errors=True)


if __name__ == "__main__":
    main()
