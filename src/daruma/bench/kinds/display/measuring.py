"""Carry out a measurement session shot by shot: set light and field, wait, read, repeat what was bad."""

from collections.abc import Callable, Mapping, Sequence
from contextlib import contextmanager

from msgspec import Struct
from msgspec.structs import replace

from daruma.bench.context import Context
from daruma.bench.rig import Rig
from daruma.core.colour.chromaticity import XYZ, mean_xyz
from daruma.core.colour.light_names import lamp_name
from daruma.core.colour.shots import (
    PANEL_SETTLE,
    REPEATS,
    TRIES,
    WHITE_REPEATS,
    Level,
    Shot,
    Taken,
    brightness_shots,
    doubt_of,
    is_dark,
    panel_shots,
    white_shots,
)
from daruma.core.errors import Cancelled, Trouble
from daruma.core.job import Job, Reading
from daruma.core.kinds.display.work import DisplayWork
from daruma.core.language import tr
from daruma.core.measured import IMPORTED_LUMINANCE, IMPORTED_UV, LightRead, Measured
from daruma.core.parts import PartKind
from daruma.link.errors import LinkError, Refused

DARK_READINGS = 2
LIGHTS = ("warm", "neutral", "cool")  # the lamps of the light box


class Sample(Struct, frozen=True):
    """Hold one reading as it comes, for whoever watches: the shot, its place among all, XYZ in cd/m2."""

    shot: Shot
    index: int
    count: int
    xyz: XYZ


def fitted(job: Job) -> str:
    """Return the die of the panel that a job fits, as far as it is known."""
    return job.seen(PartKind.DISPLAY)


def with_measured(job: Job, measured: Measured) -> Job:
    """Return the job with what was measured on its panel."""
    return job.having(replace(job.of(DisplayWork), measured=measured))


def measured_here(job: Job) -> Measured:
    """Return what was measured on the panel that is fitted now."""
    die = fitted(job)
    measured = job.of(DisplayWork).measured
    return measured if measured.die == die else Measured(die=die)


def imported(job: Job, fields: tuple[Taken, ...], levels: tuple[Level, ...], name: str, when: str) -> Measured:
    """Return what was measured with a file's fields or levels in place of the earlier ones."""
    here = measured_here(job)
    left = (here.fields and not fields) or (here.levels and not levels)
    taken = _by(here if left else Measured(die=here.die), tr("file {name}", name=name), when, IMPORTED_UV, IMPORTED_LUMINANCE)
    origin = f"{name}, {when[:10]}"
    return replace(taken, lights=here.lights, fields=fields or here.fields, levels=levels or here.levels, arrived=origin)


def _by(kept: Measured, instrument: str, when: str, uv: float, luminance: float) -> Measured:
    """Return measurements with an instrument's named; beside what another one has left, they are as sure as the lesser."""
    others = [name for name in kept.instrument.split("; ") if name and name != instrument] if kept.fields or kept.levels else []
    if others:
        uv, luminance = max(uv, kept.uv), max(luminance, kept.luminance)
    return replace(kept, instrument="; ".join((*others, instrument)), when=when, uv=uv, luminance=luminance)


def measure_white(
    rig: Rig, light: str, measured: Measured, context: Context, repeats: int = WHITE_REPEATS
) -> tuple[tuple[Reading, ...], Measured]:
    """Take repeated readings of the screen's white under one lamp of the light box, and note what the phone sees of it."""
    (shot,) = white_shots((light,), repeats)
    with _box(rig):
        taken = _take(rig, shot, 0, 1, context)
        if is_dark(shot, taken.readings):
            raise Trouble(
                tr("The screen gives no light under {light} light.", light=lamp_name(light)),
                safe=tr("Nothing was kept; what was measured before stays."),
                advice=tr("Lay the instrument on the screen, wake the phone and measure again."),
            )
        meter = rig.meter()
        ambient = mean_xyz([meter.read_ambient() for _ in range(DARK_READINGS + 1)])
        seen = _phone_sees(rig, light, ambient)
    described = _described(rig, measured, measured.die, context)
    uv, name = rig.meter().spec().uv, instrument_of(rig)
    readings = tuple(Reading(light, xyz, ambient, context.now(), name, uv) for xyz in taken.readings)
    return readings, described.with_light(seen) if seen is not None else described


def measure_panel(rig: Rig, measured: Measured, die: str, context: Context, keep: Callable[[Measured], None]) -> Measured:
    """Take the panel sheet's fields; sound ones of an earlier session on the same panel are kept, the others taken.

    A session that is stopped, or loses a device, hands what it has to `keep`.
    """
    shots = panel_shots()
    same = measured.die == die and measured.instrument == instrument_of(rig)
    fields = {taken.key: taken for taken in measured.fields if same and not taken.doubt}
    if len(fields) == len(shots):
        fields = {}
    described = _described(rig, measured, die, context)
    missing = [(index, shot) for index, shot in enumerate(shots) if shot.key not in fields]
    try:
        with _box(rig):
            for index, shot in missing:
                fields[shot.key] = _take(rig, shot, index, len(shots), context)
    except (Cancelled, LinkError):
        keep(replace(described, fields=_in_order(shots, fields)))
        raise
    return replace(described, fields=_in_order(shots, fields))


def _in_order(shots: Sequence[Shot], fields: Mapping[str, Taken]) -> tuple[Taken, ...]:
    return tuple(fields[shot.key] for shot in shots if shot.key in fields)


def measure_brightness(rig: Rig, measured: Measured, die: str, context: Context, repeats: int = REPEATS) -> Measured:
    """Measure luminance at rising and then at falling light."""
    shots = brightness_shots(repeats)
    levels = []
    with _box(rig):
        for index, shot in enumerate(shots):
            taken = _take(rig, shot, index, len(shots), context)
            levels.append(Level(shot.lux, tuple(xyz[1] for xyz in taken.readings), shot.falling))
    return replace(_described(rig, measured, die, context), levels=tuple(levels))


def instrument_of(rig: Rig) -> str:
    """Return the colorimeter's name and serial."""
    said = rig.meter().hello()
    return f"{said.name} {said.serial}"


def _described(rig: Rig, measured: Measured, die: str, context: Context) -> Measured:
    """Return what was measured with instrument and panel; what belongs to another panel is left behind."""
    kept = measured if measured.die == die else Measured()
    spec = rig.meter().spec()
    return replace(_by(kept, instrument_of(rig), context.now(), spec.uv, spec.luminance), die=die)


@contextmanager
def _box(rig: Rig):  # type: ignore[no-untyped-def]
    """Leave the phone with its own page and the box dark, however a session ends."""
    try:
        yield
    finally:
        try:
            _show(rig, None)
            rig.meter().set_light("off", 0.0)
        except LinkError:
            # a device that is gone cannot be tidied up; the next session sets everything anew
            pass


def _take(rig: Rig, shot: Shot, index: int, count: int, context: Context) -> Taken:
    """Take one shot, again while it is bad and tries are left."""
    share, words = index / count, tr("{index} of {count}: {shot}", index=index + 1, count=count, shot=shot.words)
    for attempt in range(1, TRIES + 1):
        said = words if attempt == 1 else tr("{words}, once more", words=words)
        dark = _mirrored(rig, shot, share, said, context) if shot.dark and _shows_fields(rig) else (0.0, 0.0, 0.0)
        _show(rig, shot.rgb)
        rig.meter().set_light(shot.light, shot.lux)
        context.wait(shot.settle * rig.settle, share, tr("{said}, waiting until it stands still", said=said))
        readings = []
        for number in range(shot.repeats):
            context.checkpoint()
            context.report(
                (index + (number + 1) / shot.repeats) / count,
                tr("{said}, reading {number} of {repeats}", said=said, number=number + 1, repeats=shot.repeats),
            )
            x, y, z = rig.meter().read_screen()
            readings.append((max(0.0, x - dark[0]), max(0.0, y - dark[1]), max(0.0, z - dark[2])))
            context.sample(Sample(shot, index, count, readings[-1]))
        taken = Taken(shot.key, tuple(readings), attempt, doubt_of(shot, readings))
        if not taken.doubt:
            break
    return taken


def _shows_fields(rig: Rig) -> bool:
    """Return whether the phone can show a black field: one that cannot is measured with what the glass mirrors."""
    return _show(rig, (0.0, 0.0, 0.0))


def _show(rig: Rig, rgb: tuple[float, float, float] | None) -> bool:
    """Show a field, or the white page; return whether the phone knows how. A coloured field must be shown."""
    try:
        rig.phone().show_field(rgb)
    except Refused as refused:
        if refused.code != "unknown" or (rgb is not None and any(rgb)):
            raise
        return False
    return True


def _mirrored(rig: Rig, shot: Shot, share: float, said: str, context: Context) -> XYZ:
    """Return what the glass mirrors of the light, measured on the black field that is shown."""
    rig.meter().set_light(shot.light, shot.lux)
    context.wait(PANEL_SETTLE * rig.settle, share, tr("{said}, black field first", said=said))
    return mean_xyz([rig.meter().read_screen() for _ in range(DARK_READINGS)])


def _phone_sees(rig: Rig, light: str, xyz: XYZ) -> LightRead | None:
    """Return the light as the phone's sensor counts it; None where the sensor does not answer."""
    try:
        seen = rig.phone().ambient()
    except Refused:
        return None
    return LightRead(light, seen.counts, seen.gains, seen.xyz, xyz)
