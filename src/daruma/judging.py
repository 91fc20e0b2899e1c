"""Proofs asked at the command line: `daruma judge ...`, the same computation that the window shows."""

from pathlib import Path
from typing import TYPE_CHECKING, Any

import click

from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.judging_cameras import align_, focus, lens, sharpness
from daruma.judging_common import FILE, Judgements, as_json, read_file, say

if TYPE_CHECKING:
    from daruma.core.model import Model
    from daruma.handover.meter_log import MeterLog


class Pair(click.ParamType):  # type: ignore[type-arg]
    """Read two numbers with a sign between them: 320,240 or 640x480."""

    def __init__(self, sign: str) -> None:
        self.sign, self.name = sign, f"A{sign}B"

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> tuple[float, float]:
        """Return the two numbers."""
        if isinstance(value, tuple):
            return value
        parts = str(value).split(self.sign)
        try:
            first, second = map(float, parts)
        except ValueError:
            self.fail(tr("{value!r} is not two numbers such as 2{sign}1", value=value, sign=self.sign), param, ctx)
        return first, second


@click.group(cls=Judgements)
def judge() -> None:
    """Judge a measurement: what it proves, with its uncertainty."""


for _command in (sharpness, focus, lens, align_):
    judge.add_command(_command)


SIGNS = {None: 0.0, "positive": 1.0, "negative": -1.0}
charging = click.option(
    "--charging", type=click.Choice(["positive", "negative"]), help="Sign of the charging current; otherwise found from the log."
)


@judge.command()
@click.argument("seen", type=FILE)
@click.argument("map_", metavar="MAP", type=FILE)
@click.option("--focal", type=click.FloatRange(10, 100_000), default=610.0, show_default=True, help="Focal length, px.")
@click.option("--centre", type=Pair(","), default="320,240", show_default=True, help="Principal point, px.")
@click.option("--size", type=Pair("x"), default="640x480", show_default=True, help="Size of the picture, px.")
@click.option("--baseline", type=click.FloatRange(1, 1000), default=24.0, show_default=True, help="Camera to projector, mm.")
@as_json
def dots(
    seen: Path,
    map_: Path,
    focal: float,
    centre: tuple[float, float],
    size: tuple[float, float],
    baseline: float,
    as_json: bool,
) -> None:
    """Judge the dots that a camera has SEEN on a flat card by the projector's MAP.

    SEEN has the columns u, v (px), and may have card_mm (measured distance) and frame; MAP has x, y (tangents).
    """
    from daruma.core.depth.proof import judge as judged
    from daruma.core.depth.view import View
    from daruma.handover.dots import dots_answer, dots_text, read_map, read_seen
    from daruma.handover.tabular import LARGEST

    cards = read_seen(read_file(seen, LARGEST), seen.name)
    rays = read_map(read_file(map_, LARGEST), map_.name)
    if not (1 <= size[0] <= 100_000 and 1 <= size[1] <= 100_000):
        raise Trouble("--size is no size of a picture.", safe=tr("Nothing was changed."), advice=tr("Say it as 640x480."))
    verdict = judged(View(focal, centre, (int(size[0]), int(size[1])), baseline), cards, rays)
    say(dots_answer(verdict), dots_text(verdict), as_json=as_json)


@judge.command()
@click.argument("log", type=FILE)
@as_json
def ring(log: Path, as_json: bool) -> None:
    """Judge the ring-down of a haptic motor in LOG (t,a): resonance and damping."""
    from daruma.core.haptic.ring import ring_down
    from daruma.handover.optics import LARGEST_LOG, answer, figure, read_signal

    try:
        found = ring_down(*read_signal(read_file(log, LARGEST_LOG), log.name))
    except ValueError as error:
        raise Trouble(
            f"{log.name}: {error}.", safe=tr("Nothing was changed."), advice=tr("Let the motor tap once more.")
        ) from error
    said = answer("ring", f0_hz=figure(found.f0_hz, found.f0_u), damping=figure(found.damping, found.damping_u))
    text = tr(
        "resonance {f0_hz:.2f} Hz, standard uncertainty {f0_u:.2f}; damping {damping:.4f}, standard uncertainty {damping_u:.4f}",
        f0_hz=found.f0_hz,
        f0_u=found.f0_u,
        damping=found.damping,
        damping_u=found.damping_u,
    )
    say(said, text, as_json=as_json)


@judge.command()
@click.argument("words", metavar="WORD...", nargs=-1, required=True)
@as_json
def pd(words: tuple[str, ...], as_json: bool) -> None:
    """Decode what a charger offers: Power Delivery objects as hexadecimal WORDs."""
    from daruma.core.power.delivery import decode
    from daruma.handover.optics import answer

    found = []
    for word in words:
        try:
            found.append(decode(int(word.removeprefix("0x").removeprefix("0X"), 16)))
        except ValueError as error:
            what = tr("{word!r} is no 32-bit word in hexadecimal.", word=word[:40])
            raise Trouble(what, safe=tr("Nothing was changed."), advice=tr("Give words such as 0001912C.")) from error
    keys = ("volts_min", "volts_max", "amperes", "amperes_20v", "watts")
    objects = [
        {
            "word": f"{each.word:08X}",
            "type": each.offer.value,
            **{key: value for key in keys if (value := getattr(each, key)) is not None},
            **({"range": each.range} if each.range else {}),
            "flags": list(each.flags),
        }
        for each in found
    ]
    say(answer("pd", objects=objects), "\n".join(f"{each.word:08X}  {each.words}" for each in found), as_json=as_json)


@judge.command()
@click.argument("log", type=FILE)
@click.option("--step", "key", required=True, help="Step whose limits count; an unknown one lists them.")
@as_json
def heat(log: Path, key: str, as_json: bool) -> None:
    """Judge a thermocouple's LOG (t,celsius) by the limits of a step: each that is broken, where and by how much."""
    from daruma.catalogue.heat import heat_limits
    from daruma.core.heat.trace import violations
    from daruma.handover.optics import LARGEST_LOG, answer, read_heat

    limits = heat_limits().get(key)
    if limits is None:
        what = tr("There are no limits for a step {key!r}.", key=key[:40])
        raise Trouble(
            what,
            safe=tr("Nothing was changed."),
            advice=tr("Steps are {heat_limits}.", heat_limits=", ".join(sorted(heat_limits()))),
        )
    try:
        t, celsius = read_heat(read_file(log, LARGEST_LOG), log.name)
        found = violations(t, celsius, limits)
    except ValueError as error:
        raise Trouble(f"{log.name}: {error}.", safe=tr("Nothing was changed."), advice=tr("Take the log once more.")) from error
    shown = [
        {
            "limit": each.limit.value,
            "allowed": each.allowed,
            "value": each.seen,
            "unit": each.unit,
            "start_s": each.start,
            "end_s": each.end,
        }
        for each in found
    ]
    text = "\n".join(each.words for each in found) or tr("Within the limits; hottest {hottest:.1f} °C.", hottest=celsius.max())
    say(answer("heat", step=key, peak_c=float(celsius.max()), violations=shown), text, as_json=as_json)


def read_meter(path: Path) -> "MeterLog":
    """Return a meter's log; end with the trouble where it cannot be read."""
    from daruma.handover.meter_log import read_log

    try:
        return read_log(path)
    except OSError as error:
        raise Trouble(
            tr("{path} cannot be read: {strerror}.", path=path, strerror=error.strerror or error),
            safe=tr("Nothing was changed."),
            advice=tr("Name a file that is there."),
        ) from error


def model_of(key: str) -> "Model":
    """Return a model of the catalogue that ships with the program; raise Trouble where it has none of that name."""
    from daruma.catalogue.loader import load_catalogue

    models = load_catalogue().models
    if key not in models:
        raise Trouble(
            tr("No model is called {key}.", key=key),
            safe=tr("Nothing was changed."),
            advice=tr("Name one of {models}.", models=", ".join(models)),
        )
    return models[key]


@judge.command()
@click.argument("log", type=FILE)
@click.option("--f0", type=click.FloatRange(20, 1000), required=True, metavar="HZ", help="Calibrated resonance, Hz.")
@click.option(
    "--level", type=click.FloatRange(1e-3, 100), required=True, metavar="G", help="Calibrated level, in the log's unit."
)
@click.option("--driven", type=click.FloatRange(1e-3, 10), required=True, metavar="S", help="Seconds after which the drive ends.")
@as_json
def motor(log: Path, f0: float, level: float, driven: float, as_json: bool) -> None:
    """Judge a haptic motor by a LOG (columns shake, t, a): its taps, braked, and last of all one that is left to ring."""
    from daruma.core.haptic.motor import judged
    from daruma.core.haptic.shaking import Drive, Shake
    from daruma.handover.optics import LARGEST_LOG, answer, figure, read_shakes, runs_of

    table = read_shakes(read_file(log, LARGEST_LOG), log.name)
    runs = runs_of(table)
    if len(runs) < 2 or any(len(run) < 40 or not (run[-1, 1] > run[0, 1] + driven) for run in runs):
        raise Trouble(
            tr("{log} does not say how a motor taps and rings.", log=log.name),
            safe=tr("Nothing was changed."),
            advice=tr("Give two shakes at least, of 40 samples and more, each going on after its drive has ended."),
        )
    shakes = [
        Shake((len(run) - 1) / float(run[-1, 1] - run[0, 1]), driven, run is not runs[-1], tuple(run[:, 2].tolist()))
        for run in runs
    ]
    found = judged(shakes, Drive(f0, level, 0.0))
    said = answer(
        "motor",
        verdict=found.motor.value,
        why=found.why,
        f0_hz=figure(*found.f0) if found.f0 else None,
        damping=figure(*found.damping) if found.damping else None,
        rise_s=found.rise,
        brake_s=found.brake,
        level=found.level,
    )
    say(said, f"{found.motor.value}: {found.why}.", as_json=as_json)


@judge.command()
@click.argument("log", type=FILE)
@click.option("--model", metavar="KEY", help="Model of the phone on the cable: lets its start be judged.")
@charging
@as_json
def meter(log: Path, model: str | None, charging: str | None, as_json: bool) -> None:
    """Judge a meter's LOG of volts and amperes: charge, energy, phases, steps, gaps; the columns are found by name and unit."""
    from daruma.handover.meter_answer import meter_answer, meter_text

    found = meter_answer(read_meter(log), model_of(model) if model is not None else None, SIGNS[charging])
    say(found, meter_text(found), as_json=as_json)


@judge.command()
@click.argument("log", type=FILE)
@click.option("--rated", type=click.FloatRange(1, 100_000), required=True, metavar="MAH", help="Rated capacity, mAh.")
@click.option("--chemistry", metavar="KEY", help="Chemistry of the cell: lets rests say its state of charge.")
@click.option("--full", is_flag=True, help="The log begins with a fully charged cell.")
@click.option("--end", type=click.FloatRange(1.5, 4.0), metavar="V", help="Voltage at which the cell counts as empty.")
@charging
@as_json
def cell(
    log: Path, rated: float, chemistry: str | None, full: bool, end: float | None, charging: str | None, as_json: bool
) -> None:
    """Judge a cell by a LOG of its charging and discharging: capacity, health, what may be written of it.

    Without a chemistry the log must run from a full charge (recorded in it, or stated with --full) down to --end.
    """
    from daruma.catalogue.cells import chemistries
    from daruma.core.cell.full_run import Stated
    from daruma.handover.cell_answer import cell_answer, cell_text

    if chemistry is not None and chemistry not in chemistries():
        known = ", ".join(chemistries())
        raise Trouble(
            tr("No chemistry is called {chemistry}.", chemistry=chemistry),
            safe=tr("Nothing was changed."),
            advice=tr("Name one of {known}.", known=known),
        )
    named = chemistries()[chemistry] if chemistry else None
    found = cell_answer(read_meter(log), rated, named, log.name, Stated(full, end), SIGNS[charging])
    say(found, cell_text(found), as_json=as_json)
