"""The pages of evidence in the real window: measure, find out why, tune, prove; live readings; export."""

from pathlib import Path

import pytest
from PySide6.QtGui import QImage

from daruma.core.colour.shots import panel_shots
from daruma.core.job import Stage
from daruma.core.kinds.display.steps import TUNED
from daruma.core.parts import Function
from daruma.ui.views.bench import BenchView
from daruma.ui.views.proof import ProofView
from tests.parts import some, work_of
from tests.ui.conftest import Driver
from tests.ui.walking import open_ticket

WHITE = Function.AMBIENT_WHITE


@pytest.fixture
def proof(driver: Driver) -> ProofView:
    """The proof view of the job whose white another shop left yellow."""
    open_ticket(driver, "yellow")
    view = driver.window.views[Stage.PROOF]
    assert isinstance(view, ProofView)
    assert driver.window.stage is Stage.PROOF
    return view


def measured(driver: Driver) -> None:
    for _ in range(2):
        driver.click("proof_main")
        driver.idle()


def test_from_a_white_that_is_off_to_one_that_is_proven(driver: Driver, proof: ProofView) -> None:
    """With the main action alone: measure, find out why, measure the panel, keep the tuned record, write it, prove."""
    measured(driver)
    assert not driver.job.is_proven(WHITE)
    assert driver.text("proof_main") == "Find out why: the panel sheet"
    driver.click("proof_main")
    driver.idle()
    assert "not measured yet" in driver.said("said_panel")
    driver.click("proof_main")
    driver.until(lambda: bool(work_of(driver.job).measured.fields))
    driver.until(lambda: driver.text("proof_main").startswith("Keep the tuned record"))
    assert "Worth a write" in driver.said("said_panel")
    assert "as it is" in driver.find("panel_plot").accessibleName()
    driver.click("tab_white")
    driver.idle()
    assert driver.text("proof_main") == "To the panel sheet: tuning is worth a write"
    driver.click("tab_panel")
    driver.click("proof_main")
    driver.until(lambda: driver.window.stage is Stage.BENCH)
    driver.desk.update_firmware()
    driver.idle()
    bench = driver.window.views[Stage.BENCH]
    assert isinstance(bench, BenchView)
    for _ in range(12):
        driver.idle()
        if driver.step() == TUNED:
            driver.desk.look()
            driver.until(lambda: bench.locks.all_lit)
            bench.hold.held.emit()
            driver.until(lambda: driver.step() != TUNED)
        elif driver.step().startswith("prove"):
            break
        else:
            driver.click("bench_main")
    driver.until(lambda: driver.window.stage is Stage.PROOF)
    measured(driver)
    assert driver.job.is_proven(WHITE)
    assert driver.troubles == []
    proof.choose(WHITE, "sensor")
    driver.idle()
    assert "would tell most" in driver.said("said_sensor")
    assert driver.text("proof_main").startswith("Measure under ")
    driver.click("proof_main")
    driver.until(lambda: len(work_of(driver.job).measured.lights) == 3)


def test_readings_are_shown_as_they_come(driver: Driver, proof: ProofView) -> None:
    seen: list[int] = []
    driver.desk.sampled.connect(lambda number, _: seen.append(number))
    driver.click("proof_main")
    driver.idle()
    assert seen == [driver.job.number] * 5
    proof.choose(WHITE, "panel")
    driver.idle()
    driver.click("proof_main")
    driver.until(lambda: driver.find("strip_panel").isVisible())
    driver.until(lambda: f"of {len(panel_shots())} taken" in driver.find("strip_panel").accessibleName())
    driver.until(lambda: bool(work_of(driver.job).measured.fields))


def test_a_page_is_exported_by_the_file_s_name(driver: Driver, proof: ProofView, tmp_path: Path) -> None:
    measured(driver)
    proof.choose(WHITE, "white")
    driver.idle()
    for name in ("w.svg", "w.png", "w.csv", "w.txt"):
        proof.export_to(tmp_path / name)
        driver.until(lambda name=name: (tmp_path / name).exists())
    driver.idle()
    assert "<svg" in (tmp_path / "w.svg").read_text()
    assert "black body" in (tmp_path / "w.svg").read_text()
    assert QImage(str(tmp_path / "w.png")).width() > 400
    assert (tmp_path / "w.csv").read_text().startswith("light,screen_x")
    assert (tmp_path / "w.txt").read_text().startswith("CGATS.17")
    proof.export_to(tmp_path / "missing" / "w.svg")
    driver.until(lambda: bool(driver.troubles))
    assert "cannot be written" in driver.troubles[-1].what
    proof.choose(WHITE, "panel")
    driver.idle()
    proof.export_to(tmp_path / "p.csv")
    driver.until(lambda: len(driver.troubles) == 2)
    assert "Nothing is measured" in driver.troubles[-1].what


def test_luminance_is_measured_and_imported(driver: Driver, tmp_path: Path) -> None:
    open_ticket(driver, "After a swim")
    file = tmp_path / "b.csv"
    rows = ((2, 35), (10, 64), (50, 120), (200, 216), (800, 392))
    file.write_text("lux,luminance\n" + "".join(f"{lux},{value}\n" for lux, value in rows))
    driver.desk.proving.import_readings(file)
    driver.until(lambda: driver.job.proof(Function.AUTO_BRIGHTNESS) is not None)
    proof = some(driver.job.proof(Function.AUTO_BRIGHTNESS))
    assert not proof.proven
    assert "each level was read once" in proof.summary
    thrice = [(lux, value * change) for lux, value in rows for change in (0.99, 1.0, 1.01)]
    file.write_text("lux,luminance\n" + "".join(f"{lux},{value}\n" for lux, value in thrice))
    driver.desk.proving.import_readings(file)
    driver.idle()
    proof = some(driver.job.proof(Function.AUTO_BRIGHTNESS))
    assert proof.proven, proof.summary
    assert work_of(driver.job).measured.instrument == "file b.csv"


def test_a_session_is_stopped_with_escape(driver: Driver, proof: ProofView) -> None:
    driver.desk.ready.rig.settle = 1.0
    proof.choose(WHITE, "panel")
    driver.idle()
    driver.click("proof_main")
    driver.until(lambda: len(proof._live) >= 4)
    driver.window.stop()
    driver.until(lambda: bool(work_of(driver.job).measured.fields))
    driver.idle()
    left = len(panel_shots()) - len(work_of(driver.job).measured.fields)
    assert 0 < left < len(panel_shots())
    assert driver.text("proof_main") == f"Measure the {left} fields that are left"
    assert f"{len(panel_shots()) - left} of {len(panel_shots())} taken" in driver.find("strip_panel").accessibleName()
    assert driver.troubles == []
