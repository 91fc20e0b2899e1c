"""Prove functions: measure the white under lights, measure luminance, read the parts page."""

from collections.abc import Sequence

from daruma.bench.context import Context
from daruma.bench.rig import Rig
from daruma.core.colour.chromaticity import mean_xyz, xyz_to_xy
from daruma.core.colour.follow import WhiteVerdict, judge
from daruma.core.job import Proof, Reading
from daruma.core.model import Model
from daruma.core.parts import Function, PartKind
from daruma.core.tri import Tri
from daruma.core.white_proof import samples_of
from daruma.link.errors import LinkError

REPEATS = 5
LUX = 400.0  # the light box's illuminance for white measurements (ours)
DIM, BRIGHT = 20.0, 2000.0  # lux, the two levels of the brightness check (ours)
LEAST_RISE = 1.5  # luminance ratio that counts as following the room (ours)


def measure_white(rig: Rig, light: str, context: Context) -> tuple[Reading, ...]:
    """Take repeated readings of the screen's white under one lamp of the light box."""
    meter = rig.meter()
    instrument = f"{meter.hello().name} {meter.hello().serial}"
    meter.set_light(light, LUX)
    readings = []
    for index in range(REPEATS):
        context.checkpoint()
        context.report((index + 1) / REPEATS, f"{light} light, reading {index + 1} of {REPEATS}")
        readings.append(Reading(light, meter.read_screen(), meter.read_ambient(), context.now(), instrument))
    return tuple(readings)


def instrument_uncertainty(rig: Rig) -> float:
    """Return the colorimeter's standard uncertainty as a distance in u'v'."""
    return rig.meter().uncertainty()


def prove_white(model: Model, readings: Sequence[Reading], uncertainty: float, when: str) -> tuple[Proof, WhiteVerdict]:
    """Judge whether the white follows the light, and make the proof."""
    from daruma.core.colour.temperature import cct_duv  # brings NumPy, which is slow to import

    verdict = judge(model.white, samples_of(readings), uncertainty)
    numbers: list[tuple[str, str]] = []
    for sample, point in zip(samples_of(readings), verdict.points, strict=True):
        xy = xyz_to_xy(mean_xyz(list(sample.screen)))
        cct, duv = cct_duv(xy)
        numbers += [
            (f"{sample.light}: x, y", f"{xy[0]:.4f}, {xy[1]:.4f}"),
            (f"{sample.light}: u', v'", f"{point.measured[0]:.4f}, {point.measured[1]:.4f}"),
            (f"{sample.light}: CCT", f"{cct[0]:.0f} K"),
            (f"{sample.light}: Duv", f"{duv[0]:+.4f}"),
            (f"{sample.light}: off its path", f"{point.distance:.4f} ± {point.spread:.4f}"),
        ]
    numbers.append(("tolerance", f"{model.white.tolerance_uv:.4f}"))
    proof = Proof(Function.AMBIENT_WHITE, verdict.proven, verdict.sentence, tuple(numbers), tuple(readings), when, uncertainty)
    return proof, verdict


def prove_notice(rig: Rig, context: Context) -> Proof:
    """Read the parts page for the display."""
    context.report(0.3, "reading the parts page")
    entries = [entry for entry in rig.phone().parts_page() if entry.part is PartKind.DISPLAY]
    if not entries:
        raise LinkError("The parts page says nothing of the display.", safe="Nothing was changed.", advice="Restart the phone.")
    entry = entries[0]
    said = f"The parts page says {entry.status.value} for the display" + (", with a notice." if entry.notice else ", no notice.")
    return Proof(Function.NO_DISPLAY_NOTICE, not entry.notice, said, (("parts page", entry.status.value),), (), context.now())


def prove_touch(rig: Rig, context: Context) -> Proof:
    """Read the phone's own touch test."""
    context.report(0.3, "reading the touch test")
    works = rig.phone().functions().get(Function.TOUCH) is Tri.YES
    said = "The phone's touch test passes." if works else "The phone's touch test fails: no sound touch chip answers."
    return Proof(Function.TOUCH, works, said, (("touch test", "passed" if works else "failed"),), (), context.now())


def prove_face(rig: Rig, context: Context) -> Proof:
    """Read whether the phone unlocks by face, after a face was enrolled on it."""
    context.report(0.3, "reading the phone after enrolling")
    works = rig.phone().functions().get(Function.FACE_UNLOCK) is Tri.YES
    said = "A face was enrolled and unlocks the phone." if works else "The phone does not unlock by face."
    return Proof(Function.FACE_UNLOCK, works, said, (("enrolled face", "unlocks" if works else "does not"),), (), context.now())


def prove_brightness(rig: Rig, context: Context) -> Proof:
    """Measure whether the screen gets brighter with the room."""
    meter = rig.meter()
    levels = []
    for share, lux in ((0.2, DIM), (0.6, BRIGHT)):
        context.checkpoint()
        context.report(share, f"neutral light, {lux:.0f} lx")
        meter.set_light("neutral", lux)
        levels.append(sum(meter.read_screen()[1] for _ in range(3)) / 3)
    dim, bright = levels
    follows = bright > LEAST_RISE * dim
    numbers = tuple((f"luminance at {lux:.0f} lx", f"{level:.0f} cd/m²") for lux, level in ((DIM, dim), (BRIGHT, bright)))
    said = f"{dim:.0f} cd/m² at {DIM:.0f} lx, {bright:.0f} cd/m² at {BRIGHT:.0f} lx: "
    said += "the screen follows the room." if follows else f"it does not follow the room ({LEAST_RISE} times is needed)."
    return Proof(Function.AUTO_BRIGHTNESS, follows, said, numbers, (), context.now())
