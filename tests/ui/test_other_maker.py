"""Another maker's record at the window: the interlock is lit by a decision that is kept, and a refusal leads on."""

import random
from pathlib import Path

import pytest
from msgspec.structs import replace

from daruma.catalogue.loader import Catalogue
from daruma.core.job import Stage, StepState
from daruma.core.kinds.display.facts import ChipPlace, OriginalState, PanelKind
from daruma.core.kinds.display.steps import OTHER_MAKER
from daruma.core.kinds.sensor_flex import FlexState
from daruma.core.parts import Version
from tests.bench.worlds import Drawn, lay_out
from tests.parts import work_of
from tests.ui.conftest import Driver


@pytest.fixture(params=[True, False])
def demo_folder(request: pytest.FixtureRequest, tmp_path: Path, catalogue: Catalogue) -> Path:
    """A blank Ostby panel for a phone whose original was a Fenwick one, read here before."""
    model, there = catalogue.models["damson"], OriginalState.ANSWERS
    makers, takes = ("Fenwick", "Ostby"), bool(request.param)
    kind, place, flex = PanelKind.GENUINE_NEW, ChipPlace.ON_ORIGINAL, FlexState.SOUND
    drawn = Drawn(model, Version(4, 4), there, True, place, kind, makers, takes, flex, True, True, False)
    folder = tmp_path / "demo"
    lay_out(folder, drawn, random.Random(3))
    return folder


def to_the_write(driver: Driver) -> None:
    desk = driver.desk
    driver.until(lambda: desk.solution is not None)
    route = next(r for r in desk.plan.routes if OTHER_MAKER in {a.key for a in r.actions})  # type: ignore[union-attr]
    assert "Fenwick record" in route.way
    desk.choose(route)
    driver.until(lambda: driver.job.way == route.way)
    while driver.step() != OTHER_MAKER:
        index = driver.job.current_step
        desk.do_step()
        driver.until(lambda i=index: driver.job.current_step != i)  # type: ignore[misc]
        driver.idle()
    driver.window.open_stage(Stage.BENCH)
    driver.idle()


def test_the_decision_lights_the_lock(driver: Driver) -> None:
    to_the_write(driver)
    view = driver.window.views[Stage.BENCH]
    driver.until(lambda: driver.text("light_lock") == "Decide: try it on this panel")
    assert not view.hold.isEnabled()
    driver.click("light_lock")
    driver.until(view.hold.isEnabled)
    assert [(d.die, d.maker) for d in work_of(driver.job).decisions] == [(work_of(driver.job).target.die, "Fenwick")]  # type: ignore[union-attr]
    index = driver.job.current_step
    view.hold.held.emit()
    driver.until(lambda: driver.job.steps[index].state is not StepState.OPEN)  # type: ignore[index]
    driver.idle()
    (act,) = driver.desk.ready.shop.journal.acts_of(driver.job.uid)
    assert any("decided" in words for _, words in act.evidence), "the act remembers the decision"
    if driver.job.steps[index].state is StepState.FAILED:  # type: ignore[index]
        assert "refuses" in driver.troubles[-1].what
        ways = driver.desk.ready.plan(replace(driver.job)).routes
        assert ways
        assert not any(OTHER_MAKER in {a.key for a in r.actions} for r in ways), "a panel that refused is not asked again"
