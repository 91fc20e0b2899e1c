"""Tuning: the core's way through a record against the stand-in's plain arithmetic, predictions against truth, the advice."""

import random

import numpy as np
import pytest
from hypothesis import Phase, example, given, settings
from hypothesis import strategies as st

from daruma.bench.kinds.display.tuning import rounded
from daruma.catalogue.loader import Catalogue
from daruma.core.colour.chromaticity import xy_to_uv, xyz_to_xy
from daruma.core.colour.drive import boost, codes_for, shown
from daruma.core.colour.panel import PanelReadings, characterise, rgb_matrix
from daruma.core.colour.sheet import PanelSheet, panel_sheet
from daruma.core.colour.shots import GREY_LEVELS, Taken, panel_shots
from daruma.core.colour.tuning import Instrument, Tuning, differences, luminance_of, tune, tuned
from daruma.core.display import Calibration, calibration_of, curves_in, field_values
from daruma.core.errors import RecordError
from daruma.core.measured import Measured
from daruma.core.model import Model
from daruma.core.parts import PartKind
from daruma.core.plan.odds import Beta, WriteLife
from daruma.core.plan.spend import Spend, Stakes, advise_write
from daruma.core.records import Record, decode, encode
from daruma.standin.glass import Glass, boost_of, codes_of, light_of
from tests.parts import some

SHARE = st.floats(-1.0, 1.0)


@pytest.fixture(scope="module")
def model(catalogue: Catalogue) -> Model:
    return catalogue.models["elder"]


def record_of(model: Model, made: Calibration) -> Record:
    layout = model.layout(PartKind.DISPLAY)
    return decode(layout, encode(layout, {"signature": layout.field("signature").constant, **field_values(made)}))


def some_glass(model: Model, seed: int) -> tuple[Glass, tuple[float, float]]:
    rng = random.Random(seed)
    primaries = [[x + rng.gauss(0, 0.004), y + rng.gauss(0, 0.004)] for x, y in model.display.primaries_xy]
    white = (0.3127 + rng.gauss(0, 0.006), 0.3290 + rng.gauss(0, 0.006))
    return Glass(primaries, [2.2 + rng.gauss(0, 0.05) for _ in range(3)], 0.01, 1 + rng.gauss(0, 0.03)), white


def measured(model: Model, glass: Glass, white: tuple[float, float]) -> PanelReadings:
    def read(*codes: float) -> tuple[float, float, float]:
        return light_of(glass, white, (codes[0], codes[1], codes[2]), model.display.test_luminance)

    greys = tuple((level, read(level, level, level)) for level in GREY_LEVELS)
    return PanelReadings(read(1, 0, 0), read(0, 1, 0), read(0, 0, 1), read(1, 1, 1), greys, read(1, 1, 1))


def plain(model: Model) -> Calibration:
    """The calibration of a panel that is just as the model means it."""
    line = tuple(i / 16 for i in range(17))
    return Calibration(model.white.native_xy, (1.0, 0, 0, 0, 1.0, 0, 0, 0, 1.0), (line,) * 3, model.display.brightness)


def tuned_of(model: Model, seed: int, current: Calibration | None = None) -> Tuning:
    glass, white = some_glass(model, seed)
    layout = model.layout(PartKind.DISPLAY)
    return tune(
        measured(model, glass, white),
        model.display,
        model.white.native_xy,
        Instrument(0.0008, 0.0007),
        lambda made: rounded(layout, made),
        current=current,
        curves=curves_in(layout),
    )


@given(st.tuples(SHARE, SHARE), st.lists(SHARE, min_size=9, max_size=9), st.floats(0, 1), st.tuples(SHARE, SHARE))
def test_both_ways_through_a_record_agree(
    model: Model, white: tuple[float, float], gains: list[float], level: float, aim: tuple[float, float]
) -> None:
    """NumPy in the core, plain arithmetic in the stand-in: written apart, from the same page of the docs."""
    unit = (1.0, 0, 0, 0, 1.0, 0, 0, 0, 1.0)
    tone = tuple(tuple((i / 16) ** p for i in range(17)) for p in (0.9, 1.0, 1.1))
    made = Calibration(
        (0.3127 + 0.01 * white[0], 0.3290 + 0.01 * white[1]),
        tuple(u + 0.05 * g for u, g in zip(unit, gains, strict=True)),
        tone,
        model.display.brightness,
    )
    record = record_of(model, made)
    read = some(calibration_of(record))
    target = (0.34 + 0.05 * aim[0], 0.345 + 0.03 * aim[1])
    codes = codes_for(read, model.display, target, [level])[0]
    assert codes == pytest.approx(codes_of(record, model.display, target, (level, level, level)), abs=1e-9)
    assert boost(read, model.display, target) == pytest.approx(boost_of(record, model.display, target))


def test_a_record_s_units_are_kept(model: Model) -> None:
    """What the record cannot carry is lost in the prediction already: white in 1/65536, gains in 1/16384, codes in 1/65535."""
    made = tuned_of(model, 3).calibration
    assert calibration_of(record_of(model, made)) == made
    assert (made.white_xy[0] * 65536) % 1 == 0
    assert all((gain * 16384) % 1 == 0 for gain in made.gains)
    assert all(code * 65535 == pytest.approx(round(code * 65535)) for curve in made.tone for code in curve)
    assert len(made.tone) == 3


def test_damaged_and_blank_records_have_no_calibration(model: Model) -> None:
    record = record_of(model, plain(model))
    torn = bytearray(record.image)
    torn[record.layout.field("gain_matrix").offset] ^= 1
    assert calibration_of(decode(record.layout, bytes(torn))) is None
    assert calibration_of(decode(record.layout, b"\xff" * record.layout.size)) is None


def test_a_matrix_that_follows_from_the_primaries(model: Model) -> None:
    """A panel with other primaries, without noise or tone error: the gain matrix is panel^-1 · model (IEC 61966-4's model
    turned round), and what is wanted is met to the record's rounding.
    """
    glass, white = some_glass(model, 5)
    glass.gammas = [2.2] * 3
    glass.black = 0.0
    panel = characterise(measured(model, glass, white))
    made = tuned(panel, model.display, model.white.native_xy, 3)
    own = rgb_matrix([(x, y) for x, y in glass.primaries], white)
    expected = np.linalg.inv(own) @ rgb_matrix(model.display.primaries_xy, white)
    assert np.array(made.gains).reshape(3, 3) == pytest.approx(expected, abs=1e-6)
    assert made.white_xy == pytest.approx(white)
    assert max(differences(panel, rounded(model.layout(PartKind.DISPLAY), made), model.display, model.white.native_xy)) < 0.25
    assert luminance_of(panel, made, model.display, model.white.native_xy) == pytest.approx(320 * glass.peak, rel=1e-3)
    for (lux, asked), (_, wanted) in zip(made.brightness, model.display.brightness, strict=True):
        assert asked * glass.peak == pytest.approx(wanted, rel=2e-3), lux


@pytest.mark.parametrize("seed", range(6))
def test_what_is_predicted_is_what_is_seen(model: Model, seed: int) -> None:
    """Before and after: the truth lies within the stated limits, on a panel measured without error."""
    current = rounded(model.layout(PartKind.DISPLAY), plain(model))
    tuning = tuned_of(model, seed, current)
    glass, white = some_glass(model, seed)
    panel = characterise(measured(model, glass, white))
    for prediction, made in ((tuning.before, current), (tuning.after, tuning.calibration)):
        assert prediction is not None
        truth = differences(panel, made, model.display, model.white.native_xy)
        assert np.all(truth <= prediction.high + 0.15)
    assert tuning.helps
    assert tuning.after.worst < 0.6 < tuning.before.worst  # type: ignore[union-attr]


def test_a_shared_tone_curve_keeps_lightness_right(model: Model) -> None:
    glass, white = some_glass(model, 2)
    panel = characterise(measured(model, glass, white))
    made = tuned(panel, model.display, model.white.native_xy, 1)
    assert len(made.tone) == 1
    seen = shown(panel, made, model.display, white, np.array([1.0, 0.5]))
    assert seen[1, 1] / seen[0, 1] == pytest.approx(0.5**2.2, rel=0.02)


def stakes(life: WriteLife, *, worth: float = 80.0, price: float = 60.0) -> Stakes:
    return Stakes(life, kills=0.5, panel=price, worth=worth, kept=100.0, work=20.0, minutes=20.0)


def test_spend_a_write_on_it(model: Model) -> None:
    contact = Beta.guess(0.95)
    fresh, worn = WriteLife.of((3, 4, 5), contact), WriteLife.of((3, 4, 5), contact, counted=4)
    spent = WriteLife.of((3, 4, 5), contact, counted=5)
    off = tuned_of(model, 1, rounded(model.layout(PartKind.DISPLAY), plain(model)))
    good = tuned_of(model, 1, off.calibration)
    worth_it = advise_write(off, stakes(fresh), 1.5)
    assert worth_it.kind is Spend.YES
    assert worth_it.after > 0.95 > 0.05 > worth_it.before
    assert worth_it.gain == pytest.approx(worth_it.odds * (worth_it.after - worth_it.before) * 80)
    assert advise_write(off, stakes(worn), 1.5).kind is Spend.NO, "one write is left perhaps, and it may kill"
    assert advise_write(off, stakes(spent), 1.5).kind is Spend.CANNOT
    assert advise_write(off, stakes(fresh, worth=10.0), 1.5).kind is Spend.NO
    assert advise_write(good, stakes(fresh), 1.5).kind is Spend.NOT_NEEDED
    assert advise_write(off, stakes(fresh), 25.0).kind is Spend.NOT_NEEDED, "the shop's tolerance decides"
    for advice in (worth_it, advise_write(good, stakes(fresh), 1.5), advise_write(off, stakes(worn), 1.5)):
        assert advice.sentence.endswith(".")


def test_a_panel_that_carries_nothing_has_no_before(model: Model) -> None:
    tuning = tuned_of(model, 4)
    assert tuning.before is None
    assert tuning.helps
    assert advise_write(tuning, stakes(WriteLife.of((), Beta.guess(0.95))), 1.5).before == 0.0


def test_the_sheet_tells_scatter_and_where_the_white_will_go(model: Model) -> None:
    """Bright fields tell how much readings scatter, dark ones do not; the old record's white moves to the model's own."""
    layout, (glass, white) = model.layout(PartKind.DISPLAY), some_glass(model, 3)
    current = rounded(layout, plain(model))

    def read(bright: float, dark: float) -> PanelSheet:
        taken = []
        for shot in panel_shots():
            assert shot.rgb is not None
            xyz = np.array(light_of(glass, white, shot.rgb, model.display.test_luminance))
            off = np.array([[1.0], [-1.0], [0.0]]) * (bright if xyz.min() > 5 else dark)
            taken.append(Taken(shot.key, tuple((float(x), float(y), float(z)) for x, y, z in xyz * (1 + off))))
        sheet = panel_sheet(Measured(tuple(taken), uv=0.001), model, lambda c: rounded(layout, c), current=current, curves=3)
        assert sheet is not None
        return sheet

    quiet, scattered, dim = read(0.001, 0.001), read(0.02, 0.001), read(0.001, 0.02)
    assert np.all(scattered.tuning.uncertainty > 2 * quiet.tuning.uncertainty)
    assert dim.tuning.uncertainty == pytest.approx(quiet.tuning.uncertainty, rel=0.2)
    native, level = model.white.native_xy, np.ones(1)
    old = shown(quiet.panel, current, model.display, native, level)[0]
    assert quiet.moved(xy_to_uv(xyz_to_xy(tuple(old)))) == pytest.approx(xy_to_uv(native), abs=3e-4)
    assert quiet.tuning.after.white == quiet.tuning.after.expected[0]


LIGHT = st.floats(0.0, 2000.0)
FIELDS = st.lists(st.tuples(LIGHT, LIGHT, LIGHT), min_size=18, max_size=18)


@settings(phases=[Phase.explicit, Phase.generate])
@given(FIELDS, st.floats(0.0, 0.05))
@example([(0.0, 0.0, 0.0)] * 18, 0.001)
@example([(100.0, 100.0, 100.0)] * 18, 0.001)
def test_whatever_was_measured_there_is_a_sheet_or_a_reason(
    model: Model, fields: list[tuple[float, float, float]], uv: float
) -> None:
    layout = model.layout(PartKind.DISPLAY)
    taken = tuple(Taken(shot.key, (xyz, xyz)) for shot, xyz in zip(panel_shots(), fields, strict=True))
    current = rounded(layout, plain(model))
    with np.errstate(divide="raise", invalid="raise"):
        try:
            sheet = panel_sheet(Measured(taken, uv=uv), model, lambda made: rounded(layout, made), current=current, curves=3)
        except (ValueError, RecordError):
            return
    assert sheet is not None
    assert np.all(np.isfinite(sheet.tuning.after.expected))
