"""Hostile input: nothing crashes, hangs, fills the memory, leaves its folder or runs as markup or formula."""

import csv
import io
import json
import subprocess
import sys
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.core.backup import Backup
from daruma.handover.exchange import ExchangeTrouble, export, from_json, read_file, to_json
from daruma.handover.tables import RUNS, inert, to_csv
from daruma.store.shop import Shop
from tests.store.conftest import content

ROOT = Path(__file__).parents[1]
SECONDS, MEGABYTES = 1.0, 200.0
EVIL = (
    "../../evil",
    "/etc/passwd",
    "..\\evil",
    "a/b",
    "=HYPERLINK('x')",
    "<img src=x onerror=y>",
    "\x00",
    "con",
    "a\nb",
    "\u202e",
)


def test_no_reader_crashes_hangs_or_fills_the_memory() -> None:
    """CPU time, not the clock: this machine may be busy with other things."""
    done = subprocess.run([sys.executable, "-m", "tests.hostile"], cwd=ROOT, capture_output=True, text=True, check=False)
    assert done.returncode == 0, done.stderr[-3000:]
    seen = [json.loads(line) for line in done.stdout.splitlines()]
    assert len(seen) > 80
    for name, seconds, megabytes, said in seen:
        assert said.startswith("trouble"), (name, said)
        assert seconds < SECONDS, (name, seconds)
        assert megabytes < MEGABYTES, (name, megabytes)


@pytest.mark.parametrize("evil", EVIL)
def test_no_imported_text_leaves_its_folder(evil: str, tmp_path: Path) -> None:
    made = content(1, model=evil, layout=evil, job=evil, die=evil, maker=evil, imei=evil, note=evil, chip=evil)
    inside = tmp_path / "a" / "b" / "exported"
    with Shop(tmp_path / "shop") as shop:
        backup = shop.vault.keep(from_json(to_json(Backup(1, made, made.sha256(), "")).encode(), "x.json"))
        for path in export(backup, inside):
            assert path.resolve().parent == inside.resolve()
        assert read_file(next(inside.glob("*.json"))) == made
        assert {path.name for path in tmp_path.iterdir()} == {"a", "shop"}
        assert shop.vault.check() == (1, ())
        assert shop.vault.find(evil) == (backup,) or not evil.isprintable()


def test_a_file_name_in_the_checksums_does_not_reach_elsewhere(tmp_path: Path) -> None:
    made = content(1)
    file = tmp_path / "B.json"
    file.write_text(to_json(Backup(1, made, made.sha256(), "")))
    (tmp_path / "B.sha256").write_text(f"{'0' * 64}  ../../etc/passwd\n{'0' * 64}  \n\x00\n")
    assert read_file(file) == made


@given(st.lists(st.lists(st.text(max_size=20) | st.sampled_from(EVIL), min_size=1, max_size=4), max_size=6))
def test_no_cell_runs_in_a_spreadsheet(rows: list[list[str]]) -> None:
    back = list(csv.reader(io.StringIO(to_csv(["head"], rows), newline="")))
    assert len(back) == len(rows) + 1
    for row, cells in zip(rows, back[1:], strict=True):
        for text, cell in zip(row, cells, strict=False):
            assert not cell.startswith(RUNS)
            assert inert(text).removeprefix("'") == text.removeprefix("'")


def test_formulas_in_the_journal_are_shown_as_text(tmp_path: Path) -> None:
    from daruma.core.acts import ActKind
    from daruma.handover.tables import write_journal

    with Shop(tmp_path / "shop") as shop:
        shop.journal.intend(ActKind.WRITE, job="=1+1", die="@SUM(A1)", backup="-1", digest="", started="", evidence=(), who="+x")
        write_journal(shop.journal, tmp_path / "j.csv")
    row = list(csv.reader(io.StringIO((tmp_path / "j.csv").read_text(), newline="")))[1]
    assert row[1:5] == ["'=1+1", "write", "'@SUM(A1)", "'-1"]


@given(st.binary(max_size=3000), st.integers(0, 2000), st.integers(0, 255))
def test_a_mutated_backup_file_is_refused_or_the_same(noise: bytes, place: int, byte: int) -> None:
    made = content(1)
    sound = to_json(Backup(1, made, made.sha256(), "")).encode()
    place %= len(sound)
    for raw in (sound[:place] + noise + sound[place:], sound[:place] + bytes([byte]) + sound[place + 1 :], noise):
        try:
            assert from_json(raw, "x") == made
        except ExchangeTrouble:
            continue


FUZZ = """
import sys, atheris
with atheris.instrument_imports(include=["daruma"]):
    from daruma.core.errors import Trouble
    from daruma.handover.exchange import from_json
    from daruma.handover.casefile import parse_case
    from daruma.handover.measurements import read_measurements
    from daruma.link.framing import unframe
    from daruma.link.messages import unpack_answer, unpack_request
READERS = (lambda b: from_json(b, "x"), lambda b: parse_case(b, "x"), lambda b: read_measurements(b, "", "x"),
           unframe, unpack_answer, unpack_request)
def one(data):
    if data:
        try:
            READERS[data[0] % len(READERS)](data[1:])
        except Trouble:
            pass
atheris.Setup([sys.argv[0], "-max_total_time=SECONDS", "-timeout=5", "-rss_limit_mb=1000", "-max_len=4096"], one)
atheris.Fuzz()
"""


@pytest.mark.soak
def test_coverage_guided_fuzzing_finds_nothing(tmp_path: Path) -> None:
    pytest.importorskip("atheris", reason="make soak installs it where it can be had")
    done = subprocess.run(
        [sys.executable, "-c", FUZZ.replace("SECONDS", "120")],
        cwd=tmp_path,
        capture_output=True,
        text=True,
        check=False,
        env={"PYTHONPATH": str(ROOT)},
    )
    assert done.returncode == 0, (done.stdout + done.stderr)[-4000:]
    print(done.stderr[-300:])
