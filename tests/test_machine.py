"""What the program says of the machine: the doctor, reports, logs, manual page, completions, an installed tree."""

import json
import logging
import lzma
import os
import re
import shutil
import subprocess
import sys
import venv
from logging.handlers import RotatingFileHandler
from pathlib import Path

import pytest
from click.testing import CliRunner

from daruma import doctor, reports
from daruma.cli import main
from daruma.core.settings import Settings
from daruma.doctor import Finding, Health
from daruma.link.ports import PortFound
from daruma.store.settings import NAME, save_settings
from daruma.ui.work import bug

ROOT = Path(__file__).parents[1]


def examined(data: Path) -> dict[str, Finding]:
    return {found.what: found for found in doctor.examine(data)}


def test_a_well_machine_is_well(demo_folder: Path) -> None:
    found = examined(demo_folder)
    assert {f.what for f in found.values() if f.health is Health.WRONG} == set()
    assert found["store"].said.startswith("11 backups, 0 acts in doubt")
    result = CliRunner().invoke(main, ["--data", str(demo_folder), "doctor", "--json"])
    assert result.exit_code == 0
    assert {row["what"] for row in json.loads(result.output)} == set(found)
    asked = [sys.executable, "-m", "daruma", "--data", str(demo_folder), "doctor"]
    german = {**os.environ, "DARUMA_LANGUAGE": "de"}
    plain, rows = (subprocess.run([*asked, *as_], env=german, capture_output=True, text=True).stdout for as_ in ([], ["--json"]))
    assert "Uhr: " in plain
    assert {row["what"] for row in json.loads(rows)} == set(found), "programs find the same names in every language"


def test_each_trouble_of_a_machine_is_named_with_what_to_do(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    (tmp_path / NAME).write_text("[shop]\npaper = 'a9'\n[places]\nsecond = '/no/such/place'\n")
    (tmp_path / "daruma.sqlite3").write_bytes(b"this is no store" * 200)
    monkeypatch.setattr(doctor, "LIBRARIES", ("no_such_library",))
    monkeypatch.setattr(doctor, "LEAST_FREE", 1 << 62)
    monkeypatch.setattr(doctor, "FIRST_YEAR", 2999)
    monkeypatch.setattr("daruma.link.ports.ports", lambda: (PortFound("/dev/x", "x", "You may not use it.", "sudo it"),))
    for name in ("QT_QPA_PLATFORM", "DISPLAY", "WAYLAND_DISPLAY"):
        monkeypatch.delenv(name, raising=False)
    wrong = {found.what: found for found in examined(tmp_path).values() if found.health is Health.WRONG}
    there = {"no_such_library", "window", "serial ports", "clock", "settings", "data folder", "second place", "store"}
    assert there <= set(wrong)
    assert all(found.remedy for found in wrong.values())
    result = CliRunner().invoke(main, ["--data", str(tmp_path), "doctor"])
    assert result.exit_code == 1
    save_settings(other := tmp_path / "other", Settings({"places.second": str(tmp_path)}))
    monkeypatch.setattr(doctor, "LEAST_FREE", 0)
    assert "same disk" in examined(other)["second place"].said


def test_the_doctor_changes_nothing_of_an_earlier_store(tmp_path: Path) -> None:
    kept = lzma.decompress((ROOT / "tests" / "data" / "store-0003.sqlite3.xz").read_bytes())
    (tmp_path / "daruma.sqlite3").write_bytes(kept)
    assert "the next start brings it up to date" in examined(tmp_path)["store"].said
    assert (tmp_path / "daruma.sqlite3").read_bytes() == kept
    assert [path.name for path in tmp_path.iterdir()] == ["daruma.sqlite3"]


def test_a_mistake_leaves_a_report_that_can_be_read(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(reports, "folder", lambda: tmp_path)
    (tmp_path / "daruma.log").write_text("\n".join(f"line {n}" for n in range(900)))
    for _ in range(3):
        try:
            raise ZeroDivisionError("of a test")
        except ZeroDivisionError as error:
            trouble = bug(error)
    report = sorted(tmp_path.glob("report-*.txt"))[-1]  # those of one second are one file
    text = report.read_text()
    assert str(report) in trouble.advice
    assert "nothing is sent by itself" in trouble.advice
    assert "ZeroDivisionError: of a test" in text
    assert "line 899" in text
    assert "line 600" not in text, "bounded"
    monkeypatch.setattr(reports, "folder", lambda: tmp_path / "daruma.log" / "under a file")
    assert reports.write_report(ValueError("x")) is None
    assert "with the log" in bug(ValueError("x")).advice


def test_logs_rotate(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(reports, "folder", lambda: tmp_path)
    monkeypatch.setattr(reports, "LARGEST_LOG", 2000)
    root = logging.getLogger()
    before, level = root.handlers[:], root.level
    root.handlers[:] = []
    try:
        reports.keep_log()
        for number in range(400):
            logging.getLogger("daruma.test").info("number %d", number)
        files = list(tmp_path.glob("daruma.log*"))
        assert 2 <= len(files) <= reports.LOGS
        assert all(file.stat().st_size <= 2000 for file in files)
        assert any(isinstance(handler, RotatingFileHandler) for handler in root.handlers)
    finally:
        for handler in root.handlers:
            handler.close()
        root.handlers[:], root.level = before, level


def test_what_is_derived_from_the_commands_is_as_they_are(tmp_path: Path) -> None:
    page = tmp_path / "daruma.1"
    subprocess.run([sys.executable, str(ROOT / "tools" / "manpage.py"), str(page)], check=True, timeout=60)
    assert page.read_text() == (ROOT / "share" / "man" / "man1" / "daruma.1").read_text(), "make pages"
    if groff := shutil.which("groff"):
        done = subprocess.run([groff, "-man", "-Tutf8", "-ww", str(page)], capture_output=True, text=True, timeout=60)
        assert done.stderr == ""
        assert "daruma vault check" in re.sub(".\b", "", done.stdout)
    files = {
        "bash": "bash-completion/completions/daruma",
        "zsh": "zsh/site-functions/_daruma",
        "fish": "fish/vendor_completions.d/daruma.fish",
    }
    for shell, file in files.items():
        made = CliRunner().invoke(main, ["completion", shell])
        assert made.output == (ROOT / "share" / file).read_text(), "make pages"
    environment = {**os.environ, "_DARUMA_COMPLETE": "bash_complete", "COMP_WORDS": "daruma vau", "COMP_CWORD": "1"}
    done = subprocess.run([Path(sys.executable).with_name("daruma")], env=environment, capture_output=True, text=True, timeout=60)
    assert done.stdout.strip() == "plain,vault"


def test_the_wheel_runs_where_only_it_is_installed(tmp_path: Path) -> None:
    """As pipx does it: an environment of its own; the libraries are lent, since nothing is fetched here."""
    build = [sys.executable, "-m", "hatchling", "build", "-t", "wheel", "-d", str(tmp_path / "dist")]
    subprocess.run(build, cwd=ROOT, check=True, capture_output=True, timeout=120)
    (wheel,) = (tmp_path / "dist").glob("*.whl")
    home = tmp_path / "env"
    venv.create(home, with_pip=False)
    site = next(home.glob("lib/python*/site-packages"))
    install = [sys.executable, "-m", "pip", "install", "--quiet", "--no-deps", "--no-index", "--target", str(site), str(wheel)]
    subprocess.run(install, check=True, capture_output=True, timeout=120)
    lent = next(Path(path) for path in sys.path if path.endswith("site-packages"))
    environment = {**os.environ, "PYTHONPATH": f"{site}{os.pathsep}{lent}"}
    code = "import daruma, sys; from daruma.cli import main; print(daruma.__file__); sys.argv = ['daruma', '--version']; main()"
    done = subprocess.run([home / "bin" / "python", "-c", code], env=environment, capture_output=True, text=True, timeout=60)
    assert str(site) in done.stdout, done.stderr
    assert "daruma, version" in done.stdout
