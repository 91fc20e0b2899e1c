"""Hostile input: nothing crashes, hangs, fills the memory, leaves its folder or runs as markup or formula."""

import csv
import io
import json
import os
import subprocess
import sys
from pathlib import Path

import pytest
from click.testing import CliRunner
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from daruma.catalogue.loader import load_catalogue
from daruma.catalogue.reading import read_bounded
from daruma.cli import main
from daruma.core.backup import Backup
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.handover.casefile import read_case
from daruma.handover.exchange import ExchangeTrouble, export, from_json, read_file, to_json
from daruma.handover.kinds.room import Fitted
from daruma.handover.letterhead import Letterhead
from daruma.handover.sheet import Audience, Sheet, render
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
            assert not cell.strip().startswith(RUNS)
            assert inert(text).removeprefix("'") == text.removeprefix("'")


def test_formulas_in_the_journal_are_shown_as_text(tmp_path: Path) -> None:
    from daruma.core.acts import ActKind
    from daruma.handover.tables import write_journal

    with Shop(tmp_path / "shop") as shop:
        shop.journal.intend(ActKind.WRITE, job="=1+1", die="@SUM(A1)", backup="-1", digest="", started="", evidence=(), who="+x")
        write_journal(shop.journal, tmp_path / "j.csv")
    row = list(csv.reader(io.StringIO((tmp_path / "j.csv").read_text(), newline="")))[1]
    assert inert(" \u00a0\t=1+1").startswith("'"), "blanks before it change nothing"
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


def test_what_is_no_plain_file_is_not_waited_for(tmp_path: Path) -> None:
    """A pipe, a device or a folder where a file should be: said at once."""
    (tmp_path / "models").mkdir()
    for place in ("models/m.toml", "e.json", "c.json", "x.csv"):
        os.mkfifo(tmp_path / place)
    (trouble,) = load_catalogue(tmp_path / "models").troubles
    assert "no plain file" in trouble.what
    for read, name in ((read_file, "e.json"), (read_case, "c.json"), (read_file, "/dev/zero"), (read_case, str(tmp_path))):
        with pytest.raises(Trouble):
            read(tmp_path / name)
    with pytest.raises(OSError, match="no plain file"):
        read_bounded(tmp_path / "x.csv", 10)


def test_an_export_follows_no_planted_link(tmp_path: Path) -> None:
    made = content(1)
    backup, target = Backup(1, made, made.sha256(), ""), tmp_path / "target"
    target.write_text("theirs")
    (tmp_path / "out").mkdir()
    for name in (f"B-00001-{backup.sha256[:8]}.json", f"B-00001-{backup.sha256[:8]}.json.part"):
        (tmp_path / "out" / name).symlink_to(target)
    export(backup, tmp_path / "out")
    assert target.read_text() == "theirs"


@given(st.text(alphabet="".join((*EVIL, "abc \u2066\u2069\u200f\x1b\x9b\x00\r")), max_size=60))
def test_no_text_steers_a_terminal_or_a_page(text: str) -> None:
    said = CliRunner().invoke(main, ["--data", "/nonexistent\0", "plan", text.replace("\0", "") or "x"]).output
    shown = render(replace(SHEET, phone=text, fitted=(Fitted(text, text),)), Audience.CUSTOMER, ())
    for out in (said, shown):
        assert not any(c in out for c in "\u202e\u2066\u2069\u200f\x1b\x9b\x00")


SHEET = Sheet(Letterhead(), Job(1, "t"), "", "", "", "", (), (), (), (), "", (), (), (), (), False, "")


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
