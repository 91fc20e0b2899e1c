"""The program as a user starts it: command line, no display, the wheel, the pair of Qt and Python."""

import json
import os
import shutil
import subprocess
import sys
import zipfile
from collections.abc import Mapping, Sequence
from datetime import datetime
from pathlib import Path

import numpy as np
import pytest
from click.testing import CliRunner

from daruma.app import StandIns, refuse_bad_pair, refuse_no_display
from daruma.cli import main
from daruma.core.acts import ActKind
from daruma.core.errors import Trouble
from daruma.core.plain import plain
from daruma.demo.folder import demo_folder as demo_in
from daruma.demo.marks import MADE, SECOND, WORLD
from daruma.demo.prepared import FRESH, is_usable, prepared_folder
from daruma.handover.optics import runs_of
from daruma.store.shop import Shop

ROOT = Path(__file__).parents[1]


def test_help_says_the_rest() -> None:
    result = CliRunner().invoke(main, ["--help"])
    assert result.exit_code == 0
    assert "demo" in result.output
    assert "vault" in result.output


def test_the_vault_from_the_command_line(demo_folder: Path, tmp_path: Path) -> None:
    def run(*words: str, code: int = 0) -> str:
        result = CliRunner().invoke(main, ["--data", str(demo_folder), "vault", *words])
        assert result.exit_code == code, result.output
        assert "Traceback" not in result.output
        return result.output

    assert "11 backups checked, 0 faults" in run("check")
    assert "B-00004" in run("list", "damson_l")
    written = run("export", "B-00001", str(tmp_path)).split()
    assert sorted(Path(path).suffix for path in written) == [".bin", ".hex", ".json", ".sha256"]
    json_file = next(path for path in written if path.endswith(".json"))
    assert "is B-00001" in run("import", json_file), "what is there already is not kept twice"
    assert "no backup B-99999" in run("export", "B-99999", str(tmp_path), code=1)
    Path(json_file).write_text("{}")
    assert "was changed after it was exported" in run("import", json_file, code=1)
    Path(json_file).with_suffix(".sha256").unlink()
    assert "The vault is unchanged" in run("import", json_file, code=1)
    assert '"sha256"' in run("schema")


def test_copies_doubts_and_purging_from_the_command_line(demo_folder: Path, tmp_path: Path) -> None:
    def run(*words: str, code: int = 0) -> str:
        result = CliRunner().invoke(main, ["--data", str(demo_folder), *words])
        assert result.exit_code == code, result.output
        return result.output

    made = Path(run("copies", "make").split()[0])
    assert made.stem in run("copies", "list")
    assert "0 faults" in run("copies", "verify", made.stem)
    assert "There is no copy x" in run("copies", "verify", "x", code=1)
    assert "0 acts in doubt" in run("doubts")
    with Shop(demo_folder) as shop:
        act = shop.journal.intend(ActKind.WRITE, job="J-0002", die="DX", backup="", digest="", started="", evidence=())
        shop.journal.leave(act)
        assert "open in another window" in run("copies", "restore", made.stem, code=1)
    assert "Put the part …DX on its socket" in run("doubts", code=1)
    assert "Carried over: 0 backups, 1 acts, 0 jobs." in run("copies", "restore", made.stem)
    assert "1 acts in doubt" in run("doubts", code=1)
    assert "Nothing was changed" in run("purge", "30")
    assert "jobs: none" in run("purge", "30", "--yes")
    journal = tmp_path / "journal.csv"
    run("journal", str(journal))
    assert journal.read_text().splitlines()[0].startswith("act,job,kind")
    assert len(journal.read_text().splitlines()) == 6


def test_what_was_imported_does_not_steer_the_terminal() -> None:
    assert plain("a\x1b[31mb\u202ec\n") == "a\ufffd[31mb\ufffdc\ufffd"


def test_no_display_is_said_plainly() -> None:
    environment = {k: v for k, v in os.environ.items() if k not in ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM")}
    result = subprocess.run([sys.executable, "-m", "daruma"], env=environment, capture_output=True, text=True, timeout=60)
    assert result.returncode == 2
    assert "no display" in result.stderr
    assert "Traceback" not in result.stderr
    assert refuse_no_display({"DISPLAY": ":0"}) is None
    assert refuse_bad_pair() is None


def test_the_pair_of_qt_and_python_holds_out() -> None:
    """One Qt for Python release takes a reference from None at each call and dies within a minute; pytest hides that."""
    code = "from PySide6.QtCore import QCoreApplication as A\na = A([])\nfor _ in range(20000): a.processEvents()\nprint('alive')"
    result = subprocess.run([sys.executable, "-c", code], capture_output=True, text=True, timeout=120)
    assert result.stdout.strip() == "alive", result.stderr


def test_the_wheel_carries_what_it_needs(tmp_path: Path) -> None:
    command = [sys.executable, "-m", "hatchling", "build", "-t", "wheel", "-d", str(tmp_path)]
    subprocess.run(command, cwd=ROOT, check=True, capture_output=True, timeout=120)
    (wheel,) = tmp_path.glob("*.whl")
    names = zipfile.ZipFile(wheel).namelist()
    for part in (
        "daruma/catalogue/models/cedar_l.toml",
        "daruma/catalogue/system.toml",
        "daruma/ui/fonts/AtkinsonHyperlegibleMono_400Regular.ttf",
        "daruma/ui/fonts/OFL-mono.txt",
        "daruma/demo/scenario.toml",
        "daruma/handover/templates/sheet.html",
        "daruma/store/migrations/versions/m0001_first.py",
        "share/applications/daruma.desktop",
        "share/icons/hicolor/scalable/apps/daruma.svg",
    ):
        assert any(name.endswith(part) for name in names), part


@pytest.mark.parametrize(
    ("tool", "arguments", "file"),
    [
        ("desktop-file-validate", (), "applications/daruma.desktop"),
        ("appstreamcli", ("validate", "--no-net"), "metainfo/org.daruma_bench.Daruma.metainfo.xml"),
    ],
)
def test_the_desktop_s_own_tools_find_no_fault(tool: str, arguments: tuple[str, ...], file: str) -> None:
    found = shutil.which(tool)
    if found is None:
        pytest.skip(f"{tool} is not installed")
    done = subprocess.run(
        [found, *arguments, str(ROOT / "share" / file)], capture_output=True, text=True, timeout=60, check=False
    )
    assert done.returncode == 0, done.stdout + done.stderr
    assert "error" not in done.stdout


def test_the_standins_end_with_their_parent(demo_folder: Path) -> None:
    command = [sys.executable, "-m", "daruma.standin", str(demo_folder / "world.json")]
    with subprocess.Popen(command, stdin=subprocess.PIPE, stdout=subprocess.PIPE, text=True) as process:
        assert process.stdout
        assert "programmer" in process.stdout.readline()
        assert process.stdin
        process.stdin.close()
        assert process.wait(10) == 0


def told_of_demo(folder: Path) -> dict[str, object]:
    """Return what a demo's folder holds, without what is drawn anew each time: identities, and what the clock said."""
    world = json.loads((folder / WORLD).read_text())
    with Shop(folder, folder / SECOND) as shop:
        assert shop.losses() == ()
        jobs = [
            (job.number, job.ticket, tuple((step.action, step.state) for step in job.steps), len(job.proofs), bool(job.closed))
            for job in shop.jobs.all()
        ]
        return {
            "jobs": jobs,
            "backups": [(kept.name, kept.content.model, kept.content.imei, kept.purged) for kept in shop.vault.find()],
            "acts": [(act.kind, act.die, act.state) for act in shop.journal.all()],
            "shelf": [(part.die, part.earlier_writes) for part in shop.shelf.all()],
            "phones": [(imei, phone["model"], phone["system"]) for imei, phone in world["phones"].items()],
            "set": (folder / "shop.toml").read_text(),
        }


def test_the_demo_that_is_prepared_is_the_one_that_would_be_built(demo_folder: Path, tmp_path: Path) -> None:
    """`make setup` prepares it; the copy is opened as any demo is, and the first start does not wait for it to be built."""
    prepared = prepared_folder()
    assert is_usable(prepared, datetime.now().astimezone()), "make setup prepares it"
    assert {folder.name for folder in prepared.parent.iterdir() if folder.is_dir()} == {"en", "de"}, "in each language"
    told: list[str] = []
    made = demo_in(tmp_path / "demo first", report=lambda _, text: told.append(text))
    assert told == [], "nothing is built"
    assert told_of_demo(made) == told_of_demo(demo_folder)


def test_a_demo_that_is_not_prepared_is_built_and_says_how_far(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(sys, "prefix", str(tmp_path / "elsewhere"))
    told: list[float] = []
    made = demo_in(tmp_path / "demo", report=lambda share, _: told.append(share))
    assert told == sorted(told)
    assert len(told) > 10
    assert told[0] == 0
    prepared = prepared_folder()
    shutil.copytree(made, prepared)
    now = datetime.now().astimezone()
    assert is_usable(prepared, now)
    assert not is_usable(prepared, now + FRESH), "a shop whose last job is so old looks closed"
    (prepared / MADE).write_text("7 display")
    assert not is_usable(prepared, now), "of an earlier program"


def test_a_demo_of_an_earlier_program_is_laid_aside(tmp_path: Path) -> None:
    folder = tmp_path / "demo"
    folder.mkdir()
    (folder / "world.json").write_text("{}")
    assert demo_in(folder) == folder
    assert json.loads((folder / "world.json").read_text())["phones"]
    assert (tmp_path / "demo.earlier" / "world.json").read_text() == "{}"
    before = (folder / "world.json").stat().st_mtime_ns
    assert demo_in(folder) == folder
    assert (folder / "world.json").stat().st_mtime_ns == before, "the next start takes it as it is"


def test_a_folder_that_is_no_demo_is_never_touched(tmp_path: Path) -> None:
    (tmp_path / "photographs").mkdir()
    (tmp_path / "photographs" / "one.png").write_bytes(b"x")
    for fresh in (False, True):
        with pytest.raises(Trouble, match="cannot be made"):
            demo_in(tmp_path / "photographs", fresh=fresh)
        assert (tmp_path / "photographs" / "one.png").read_bytes() == b"x"


@pytest.mark.parametrize(
    ("modules", "late"),
    [
        ("daruma.app", {"sqlalchemy", "alembic", "numpy", "scipy", "pydantic"}),
        (
            "daruma.ui.room, daruma.bench.workshop, daruma.ui.views.intake, daruma.demo.hands, daruma.store.shop,"
            "daruma.core.kinds; daruma.core.kinds.rooms()",
            {"sqlalchemy", "alembic", "scipy", "numpy", "pydantic", "daruma.core.plan.planner"},
        ),
        ("daruma.core.plan.solution, daruma.bench.kinds; daruma.bench.kinds.rooms()", {"alembic", "scipy"}),
    ],
    ids=["before the first paint", "before a job is shown", "before it is planned"],
)
def test_what_is_slow_to_load_waits(modules: str, late: set[str]) -> None:
    code = f"import sys, {modules}; print(*sys.modules)"
    environment = {**os.environ, "QT_QPA_PLATFORM": "offscreen"}
    done = subprocess.run([sys.executable, "-c", code], env=environment, capture_output=True, text=True, timeout=120, check=True)
    assert not late & set(done.stdout.split())


def test_the_sources_of_what_is_loaded_are_not_looked_through_and_kept() -> None:
    code = "import linecache, daruma.app as a; a.make_app(); import daruma.ui.room; print(*linecache.cache, sep='\\n')"
    environment = {**os.environ, "QT_QPA_PLATFORM": "offscreen"}
    done = subprocess.run([sys.executable, "-c", code], env=environment, capture_output=True, text=True, timeout=120, check=True)
    assert "room.py" not in done.stdout


def test_stand_ins_that_cannot_start_are_not_started_without_end(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    """Another window has their world: each look at the bench asks for their wires."""
    started: list[Sequence[str]] = []

    class Ended:
        """End before naming a wire."""

        wires: Mapping[str, str] = {}
        runs = False

        def __init__(self, command: Sequence[str]) -> None:
            started.append(command)

        def stop(self) -> None:
            pass

    monkeypatch.setattr("daruma.standin_process.StandInProcess", Ended)
    standins = StandIns()
    (tmp_path / "world.json").write_text("{}")
    standins.prepare(tmp_path / "world.json")
    assert [dict(standins.wires()) for _ in range(200)] == [{}] * 200
    assert len(started) == 1


def test_rows_of_shakes_are_put_together_in_the_order_in_which_they_come() -> None:
    table = np.array([[7.0, 0, 1], [2, 0, 2], [7, 1, 3], [2, 1, 4], [9, 0, 5]])
    assert [run[:, 2].tolist() for run in runs_of(table)] == [[1, 3], [2, 4], [5]]
