"""Front camera, rear camera, and a phone with three new parts through the real window: by mouse alone and by keyboard alone."""

import json
from pathlib import Path

import pytest
from click.testing import CliRunner

from daruma.core.finishing import PartsPage
from daruma.core.job import Stage
from daruma.core.kinds.rear_camera import RearWork
from daruma.core.optics.sweep import RingState
from daruma.core.parts import Function, PartKind
from daruma.demo.marks import WORLD
from daruma.judging import judge
from daruma.ui.widgets.picture_view import PictureView
from tests.parts import some
from tests.ui.conftest import Driver
from tests.ui.walking import Held, Press, by_mouse, exported, held_by_mouse, mostly_by_mouse, to_the_proof, to_the_second_eye


@pytest.fixture(autouse=True)
def quick(demo_folder: Path) -> None:
    """A sweep of the demo takes half a minute, the service may be busy: here neither costs time."""
    world = demo_folder / WORLD
    said = json.loads(world.read_text(encoding="utf-8"))
    world.write_text(json.dumps({**said, "sweep_speed": 400.0, "sweep_pace": 4.0, "hour": 3.0}), encoding="utf-8")


def said_of(page: PartsPage) -> dict[PartKind, str]:
    return {line.part: line.status.value for line in page.lines}


@mostly_by_mouse
def test_a_front_camera_from_complaint_to_second_eye(driver: Driver, press: Press, held: Held, tmp_path: Path) -> None:
    to_the_proof(driver, "Selfies are blurred", press, held)
    to_the_second_eye(driver, press)
    out = exported(driver, Function.FRONT_CAMERA, "focus", "photo, video, depth and autofocus work", tmp_path / "frames.csv")
    done = CliRunner().invoke(judge, ["focus", str(out), "--json"])
    found = json.loads(done.output)
    assert (found["format"], found["version"]) == ("daruma-focus", 1)
    proof = some(driver.job.proof(Function.FRONT_CAMERA))
    assert f"{found['peaks'][0]['code']['value']:.1f}" in dict(proof.numbers)["focus at 0.3 m"]


@mostly_by_mouse
def test_a_rear_camera_from_complaint_to_second_eye(driver: Driver, press: Press, held: Held, tmp_path: Path) -> None:
    seen: list[RingState] = []
    driver.desk.sampled.connect(lambda _, sample: seen.append(sample) if isinstance(sample, RingState) else None)
    to_the_proof(driver, "from his drawer", press, held)
    assert seen[-1].done
    assert said_of(driver.job.pages[-1])[PartKind.REAR_CAMERA] == "used"
    to_the_second_eye(driver, press)
    out = exported(driver, Function.REAR_CAMERA_FINISHED, "alignment", "stands as its record says", tmp_path / "gyro.csv")
    rows = out.read_text(encoding="utf-8").splitlines()
    assert rows[0] == "t,wx,wy,wz"
    assert len(rows) - 1 == sum(len(chunk.gyro) // 6 for chunk in driver.job.of(RearWork).sweep)


@mostly_by_mouse
def test_three_new_parts_are_finished_in_one_session(driver: Driver, press: Press, held: Held) -> None:
    to_the_proof(driver, "Run over by a bicycle", press, held)
    keys = [step.action for step in driver.job.steps]
    assert keys.count("begin_finishing") == 1
    assert {"finish_rear_camera", "finish_on_phone", "finish_battery"} <= set(keys)
    before, after = driver.job.pages[0], driver.job.pages[-1]
    assert [line.part for line in before.lines if line.notice]
    assert not [line.part for line in after.lines if line.notice]
    to_the_second_eye(driver, press)


def test_a_service_that_stays_busy_is_got_round_by_the_diagnostic_mode(driver: Driver) -> None:
    stopped: list[str] = []

    def busy(at: Driver) -> None:
        view = at.window.views[Stage.BENCH]
        at.hands(lambda hands: hands.fault("service_busy", times=-1))  # type: ignore[attr-defined]
        at.until(lambda: view.hold.isVisible() and view.hold.isEnabled())
        held_by_mouse(at, lambda: bool(at.troubles))
        at.idle()
        stopped.append(at.troubles.pop().advice)
        at.click("remedy")
        at.idle()

    to_the_proof(driver, "from his drawer", by_mouse, held_by_mouse, {"finish_rear_camera": busy})
    assert "diagnostic mode" in stopped[0]
    assert said_of(driver.job.pages[-1])[PartKind.REAR_CAMERA] == "used"


def test_what_a_session_will_do_is_said_before_it_begins(driver: Driver) -> None:
    seen: list[str] = []

    def look(at: Driver) -> None:
        lens = at.find("lens")
        assert isinstance(lens, PictureView)
        assert lens.picture is not None
        seen.append(lens.picture.words)

    to_the_proof(driver, "Run over by a bicycle", by_mouse, held_by_mouse, {"begin_finishing": look})
    assert "Rear camera will say genuine" in seen[0]
    assert "Display panel will say used for ever" in seen[0]
    assert "minutes are expected" in seen[0]
