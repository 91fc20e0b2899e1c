"""Closing up: every model's screws and connectors make sense, and nothing else passes."""

import pytest
from msgspec.structs import replace

from daruma.catalogue.loader import Catalogue
from daruma.core.closing import CHECK, SEAL, ClosingSpec, Screw, Ticked, closing_steps, faults_of, ticked_of
from daruma.core.pictures.primitives import Disc
from daruma.core.pictures.screw_map import screw_map
from tests.parts import some

SPEC = ClosingSpec(
    (60.0, 120.0), ("display", "battery"), (Screw(10, 10, 1.2, "cross", "plate"), Screw(20, 10, 1.7, "cross", "plate"))
)


def test_the_steps_come_in_the_trades_order() -> None:
    """Common practice, no source: the battery is the last connector, a test before the seal, a check after it."""
    keys = [step.key for step in closing_steps(SPEC)]
    assert keys.index("connector battery") == keys.index("connector display") + 1
    assert keys.index("connector battery") < keys.index("test") < keys.index("screws plate") < keys.index(SEAL)
    assert keys[-1] == CHECK
    assert [step.key for step in closing_steps(None)][-1] == CHECK
    plate = next(step for step in closing_steps(SPEC) if step.key == "screws plate")
    assert "1 of 1.2 mm, 1 of 1.7 mm" in plate.how


@pytest.mark.parametrize(
    ("spec", "why"),
    [
        (replace(SPEC, connectors=("battery", "display")), "last"),
        (replace(SPEC, connectors=()), "last"),
        (replace(SPEC, screws=(*SPEC.screws, Screw(10, 10, 2.0, "cross", "other"))), "share"),
        (replace(SPEC, screws=(Screw(70, 10, 1.0, "cross", "plate"),)), "outside"),
    ],
)
def test_what_cannot_be_is_refused(spec: ClosingSpec, why: str) -> None:
    assert any(why in fault for fault in faults_of(spec))
    assert faults_of(SPEC) == ()


def test_every_models_map_has_each_screw_inside_the_phone(catalogue: Catalogue) -> None:
    for model in catalogue.models.values():
        spec = some(model.closing)
        for width, height in ((340, 560), (700, 400)):
            picture = screw_map(width, height, spec)
            heads = [item for item in picture.items if isinstance(item, Disc) and item.x < width]
            assert len(heads) >= len(spec.screws)
            assert all(0 <= item.x <= width and 0 <= item.y <= height + 200 for item in heads)
        for holds in {screw.holds for screw in spec.screws}:
            told = screw_map(400, 500, spec, holds).words
            assert told.count(" mm at ") == sum(screw.holds == holds for screw in spec.screws)
    assert "no screw map" in screw_map(400, 300, None).words


def test_what_is_ticked_is_counted() -> None:
    steps = closing_steps(SPEC)
    assert ticked_of((), steps) == (0, len(steps))
    assert ticked_of((Ticked("clean", "now"), Ticked("clean", "later"), Ticked("unknown", "now")), steps) == (1, len(steps))
