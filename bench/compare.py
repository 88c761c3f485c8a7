#!/usr/bin/python3
"""Runs the benchmarks of two builds side by side and names what got slower by over a tenth.

    bench/compare.py BEFORE AFTER [--only core planar ...] [--filter REGEX] [--rounds 5]

BEFORE and AFTER are build folders. Each row is run in turns, so that whatever else the machine does falls on both; of all rounds the least
counts, by the time of the processor. Ends with 1 when a row got slower.
"""
import argparse
import json
import os
import subprocess
import sys


def rows(build, name, pattern):
    command = [os.path.join(build, "bench_" + name), "--benchmark_format=json"]
    if pattern:
        command.append("--benchmark_filter=" + pattern)
    out = subprocess.run(command, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, check=True, env={**os.environ, "QT_QPA_PLATFORM": "offscreen"})
    text = out.stdout.decode()
    unit = {"ns": 1e-6, "us": 1e-3, "ms": 1, "s": 1e3}
    return {b["name"]: b["cpu_time"] * unit[b["time_unit"]] for b in json.loads(text)["benchmarks"]} if text.strip() else {}


def many(build):
    out = subprocess.run([os.path.join(build, "bench_many"), "--json"], stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, check=True,
                         env={**os.environ, "QT_QPA_PLATFORM": "offscreen"})
    return {f"{r['name']}, {n} items": ms for r in json.loads(out.stdout)["rows"] for n, ms in r["ms"].items()}


def main():
    ap = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    ap.add_argument("before")
    ap.add_argument("after")
    ap.add_argument("--only", nargs="*", default=["core", "planar", "tone", "art", "letter", "proof", "many"])
    ap.add_argument("--filter", default="")
    ap.add_argument("--rounds", type=int, default=5)
    a = ap.parse_args()
    slower = 0
    for name in a.only:
        least = {}
        for _ in range(a.rounds):
            for which, build in enumerate((a.before, a.after)):
                if not os.path.exists(os.path.join(build, "bench_" + name)):
                    continue
                for row, ms in (many(build) if name == "many" else rows(build, name, a.filter)).items():
                    two = least.setdefault(row, [None, None])
                    two[which] = ms if two[which] is None else min(two[which], ms)
        for row, (before, after) in least.items():
            if before is None or after is None:
                print(f"{name:8} {row:46} {'only ' + ('before' if after is None else 'after')}")
                continue
            ratio = after / before if before else 1
            late = ratio > 1.1 and after - before > 0.02
            slower += late
            print(f"{name:8} {row:46} {before:10.3f} {after:10.3f} ms {ratio:6.2f}{'  SLOWER' if late else ''}")
    print(f"{slower} slower by over a tenth")
    return 1 if slower else 0


if __name__ == "__main__":
    sys.exit(main())
