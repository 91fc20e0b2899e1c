"""Fold kinematics against cases worked by hand; wrong sequences are refused with their reason."""

from itertools import product

import pytest
from msgspec.structs import replace

from daruma.catalogue.loader import Catalogue
from daruma.core.folding import ANGLES, FoldSpec, KeepOut, folded, refusals, steps, words
from daruma.core.pictures.fold_guide import fold_guide

T = 0.12  # mm, thickness of a layer


def spec(segments: tuple[float, ...], folds: tuple[int, ...], **more: object) -> FoldSpec:
    shape = folded(FoldSpec(segments, folds, (0, 0), 0, 50), folds)
    return replace(FoldSpec(segments, folds, shape.end, shape.heading, 50.0), **more)  # type: ignore[arg-type]


@pytest.mark.parametrize(
    ("segments", "folds", "end", "heading"),
    [
        ((5.0,), (), (5.0, 0.0), 0),
        ((5.0, 3.0), (90,), (5.0, 3.0), 90),
        ((5.0, 3.0), (-90,), (5.0, -3.0), 270),
        ((5.0, 3.0), (180,), (2.0, T), 180),  # laid back over itself, one layer higher
        ((5.0, 3.0), (-180,), (2.0, -T), 180),
        ((5.0, 5.0, 5.0), (180, -180), (5.0, 2 * T), 0),  # a Z: back and forth, two layers up
        ((5.0, 3.0, 2.0), (90, 90), (3.0, 3.0), 180),
        ((4.0, 4.0, 4.0, 2.0), (90, 90, 90), (0.0, 2.0), 270),  # three sides of a square and half of the last
    ],
)
def test_worked_by_hand(segments: tuple[float, ...], folds: tuple[int, ...], end: tuple[float, float], heading: int) -> None:
    shape = folded(FoldSpec(segments, folds, end, heading, 50), folds)
    assert shape.end == pytest.approx(end, abs=1e-9)
    assert shape.heading == heading
    assert refusals(FoldSpec(segments, folds, end, heading, 50), folds) == ()


def test_what_is_wrong_is_refused_with_its_reason() -> None:
    good = spec((8.0, 10.0, 4.0, 3.0), (180, -180, 90))
    assert refusals(good, good.folds) == ()
    assert "ends" in refusals(good, (180, -180, -90))[-1]
    assert "2 folds for 4 segments" in refusals(good, (180, -180))[0]
    assert "not by 45" in refusals(good, (180, -180, 45))[0]
    assert "through itself" in " ".join(refusals(good, (180, 180, 90)))
    low = replace(good, gap=1.0)
    assert "stacks 3.36 mm high, there is room for 1.00 mm" in refusals(low, low.folds)[0]
    boxed = replace(good, keep_outs=(KeepOut("screw hole", 1.5, 1.0, 1.0, 1.0),))
    assert refusals(boxed, boxed.folds) == ("it lies over the screw hole",)
    assert refusals(replace(good, heading=270), good.folds) == ("the connector faces the wrong way",)


def test_every_model_s_folds_are_the_only_ones_that_fit(catalogue: Catalogue) -> None:
    """Of all sequences of turns only those are let pass that end where the model's own ends, and nothing collides."""
    for model in catalogue.models.values():
        assert (model.face_fold is not None) == model.face_module
        if model.face_fold is None:
            continue
        passing = [turns for turns in product(ANGLES, repeat=len(model.face_fold.folds)) if not refusals(model.face_fold, turns)]
        assert passing == [model.face_fold.folds]
        assert len(steps(model.face_fold)) == len(words(model.face_fold)) + 1
        drawn = fold_guide(700, model.face_fold, "no")
        assert all(0 <= spot.x <= 700 for spot in drawn.items if hasattr(spot, "text"))
        assert "180°" in drawn.words
    assert fold_guide(700, None, "no extension").words == "no extension"
