"""Pictures are computed from the data: lengths, states, marks, words."""

import random

import pytest
from msgspec.structs import replace

from daruma.catalogue.loader import Catalogue
from daruma.core.budget import WriteBudget
from daruma.core.colour.follow import judge
from daruma.core.kinds import promisable
from daruma.core.kinds.display.facts import OriginalState
from daruma.core.pairing import Facts, evaluate
from daruma.core.parts import Function, Identity, PartKind, PartSelf, Version
from daruma.core.pictures.lens import LensColumn, lens_bytes, lens_fields
from daruma.core.pictures.numbers import numbers
from daruma.core.pictures.primitives import Disc, Line, Picture, Rect, Text, Tone
from daruma.core.pictures.route_strips import StripsView, route_strips, strips_height
from daruma.core.pictures.small import socket_view, write_budget
from daruma.core.pictures.thread_map import thread_map
from daruma.core.pictures.white_plot import Beside, white_plot
from daruma.core.plan.explain import explain
from daruma.core.plan.odds import Outcomes, Record
from daruma.core.records import decode, encode
from daruma.demo.kinds.display import record
from daruma.demo.maker import Maker
from tests.core.plan.cases import case, solved
from tests.core.test_follow import PATH, both, moved, targets
from tests.core.test_pairing import broken, whole


def texts(picture: Picture) -> list[str]:
    return [item.text for item in picture.items if isinstance(item, Text)]


def test_strips_are_to_scale(catalogue: Catalogue) -> None:
    plan = solved(case(catalogue, original=OriginalState.MISSING, system="3.6"), catalogue)
    view = StripsView(catalogue.function_labels)
    picture = route_strips(1000, plan, view)
    blocks = [item for item in picture.items if isinstance(item, Rect) and item.h == 18 and not item.hatch]
    figures = [action.figures for route in plan.routes for action in route.actions]
    scales = [(block.w + 1) / f.attended for block, f in zip(blocks, figures, strict=True) if f.attended * 8 > 4]
    assert max(scales) == pytest.approx(min(scales), rel=1e-6)
    assert len([i for i in picture.items if isinstance(i, Rect) and i.hatch]) == sum(f.waiting > 0 for f in figures)
    assert picture.height == strips_height(plan, view)
    assert [spot.key for spot in picture.spots] == ["0", "1"]
    assert "Read the original is closed: the original is missing." in picture.words
    assert "Lift the BGA315 memory is open, but not taken" in picture.words
    assert any("True Tone 9" in text for text in texts(picture))


def test_a_route_laid_over_another_says_what_it_costs_and_gives(catalogue: Catalogue) -> None:
    plan = solved(case(catalogue), catalogue)
    alone = route_strips(1000, plan, StripsView(catalogue.function_labels))
    both = route_strips(1000, plan, StripsView(catalogue.function_labels, 0, 1))
    assert len(both.items) > len(alone.items)
    said = next(text for text in texts(both) if text.startswith("Laid over: "))
    assert plan.routes[1].way in said
    assert f"{plan.routes[1].attended - plan.routes[0].attended:+.0f} min there" in said
    few = route_strips(1000, plan, StripsView(shown=1))
    assert [spot.key for spot in few.spots] == ["0"]


def test_numbers_name_their_origin(catalogue: Catalogue) -> None:
    made = case(catalogue, record=Record({"lift_chip": Outcomes(38, 2)}))
    sources = explain(made, solved(made, catalogue).routes[0])
    picture = numbers(800, sources)
    assert "this shop: 38 of 40 went well" in picture.words
    assert "catalogue guess" in picture.words
    assert picture.height > 20 * len(sources)


def test_thread_map_shows_whole_broken_and_unknown(catalogue: Catalogue) -> None:
    facts: Facts = broken(whole(catalogue, "cedar_l", "4.6"), Identity.TOUCH_CHIP_ID)
    facts = replace(facts, carried={k: v for k, v in facts.carried.items() if k is not Identity.DISPLAY_SERIAL})
    verdicts = [evaluate(facts, f) for f in promisable()[:4]]
    picture = thread_map(1000, 300, verdicts, catalogue.function_labels)
    assert {spot.key for spot in picture.spots} == {f.value for f in promisable()[:4]}
    assert "True Tone not known yet" in picture.words
    assert "No display notice does not hold" in picture.words
    tones = {item.tone for item in picture.items if isinstance(item, Line)}
    assert {Tone.PROVEN, Tone.ACT, Tone.QUIET} <= tones
    chosen = thread_map(1000, 300, verdicts, catalogue.function_labels, Function.TOUCH)
    assert sum(1 for i in chosen.items if isinstance(i, Line) and i.tone is Tone.LINE) > 4, "the others step back"


def test_the_lens_marks_what_differs(catalogue: Catalogue) -> None:
    model = catalogue.models["cedar"]
    layout = model.layout(PartKind.DISPLAY)
    image = record(Maker(random.Random(8)), model, "Fenwick", [0.31, 0.33])
    backup = decode(layout, image)
    serial = str(backup.values["display_serial"])
    other = ("0" if serial[3] != "0" else "1").join([serial[:3], serial[4:]])
    part = decode(layout, encode(layout, {"display_serial": other}, image))
    columns = [
        LensColumn("board", expected={Identity.DISPLAY_SERIAL: serial}),
        LensColumn("backup", backup),
        LensColumn("part", part),
    ]
    picture = lens_fields(800, columns, 1)
    assert len([i for i in picture.items if isinstance(i, Rect)]) == 1, "one character differs"
    same = lens_fields(800, [columns[1], LensColumn("part", backup)], 0)
    assert not [i for i in same.items if isinstance(i, Rect)]
    raw = lens_bytes(800, part, backup)
    changed = sum(a != b for a, b in zip(part.image, backup.image, strict=True))
    assert len([i for i in raw.items if isinstance(i, Rect)]) == changed
    assert raw.words == f"256 bytes, {changed} differ"
    assert "Nothing has been read" in lens_bytes(800, None, None).words
    assert "Nothing has been read" in lens_fields(800, [LensColumn("a")], 0).words


def test_budget_and_sockets() -> None:
    picture = write_budget(400, WriteBudget((3, 4, 5), 1))
    boxes = [item for item in picture.items if isinstance(item, Rect)]
    assert [bool(box.fill) for box in boxes] == [True, False, False, False, False]
    assert [bool(box.dash) for box in boxes] == [False, False, False, True, True]
    assert picture.words.startswith("1 writes had, 2 sure, up to 4 left")
    part = PartSelf("D00000ABCDEF", PartKind.DISPLAY, "Ostby", "cedar_l", 256)
    view = socket_view(400, {"s40": None, "s56": part}, "s56", True)
    assert "ABCDEF" in texts(view)
    assert view.words == "socket s56: display panel ABCDEF by Ostby"
    assert socket_view(400, {}, "s56", True).words == "No programmer answers."


def test_white_plot_is_true_to_scale_and_keeps_inside() -> None:
    warm, cool = targets()
    verdict = judge(PATH, both(moved(warm, 0.011, 0), cool), 0.0004)
    picture = white_plot(600, 400, PATH, verdict, Beside(black_body=((0.25, 0.52), (0.20, 0.47))))
    for item in picture.items:
        if isinstance(item, Disc):
            assert 0 <= item.x <= 600
            assert 0 <= item.y <= 400
    rings = [i for i in picture.items if isinstance(i, Disc) and i.stroke is Tone.DATA]
    dots = [i for i in picture.items if isinstance(i, Disc) and i.rx == 2.6]
    scale = rings[0].rx / PATH.tolerance_uv
    assert dots[0].x - rings[0].x == pytest.approx(0.011 * scale, rel=1e-3)
    assert dots[0].fill is Tone.ACT
    assert dots[1].fill is Tone.PROVEN
    assert "not" in white_plot(600, 400, PATH, None, Beside()).words.lower()


def test_version_words() -> None:
    assert str(Version.parse("5")) == "5.0"
    assert Version.parse("5.10") > Version.parse("5.9")
    for wrong in ("", "5.x", "a", "1.2.3", "-1", "٣"):
        with pytest.raises(ValueError, match="version"):
            Version.parse(wrong)
