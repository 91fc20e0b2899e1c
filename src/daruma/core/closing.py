"""Closing a phone up: the order of its connectors, each screw back to its own hole, the seal, the functions checked once more."""

from __future__ import annotations

from collections.abc import Sequence

from msgspec import Struct

from daruma.core.language import tr

SEAL, CHECK = "seal", "check"


class Screw(Struct, frozen=True):
    """Hold a screw's own hole: where it is from the upper left corner of the opened phone, mm; the screw's length, mm; its head;
    what it holds.
    """

    x: float
    y: float
    length: float
    head: str
    holds: str


class ClosingSpec(Struct, frozen=True):
    """Hold how a model is closed: its width and height, mm, its connectors in their order, its screws."""

    size: tuple[float, float]
    connectors: tuple[str, ...]
    screws: tuple[Screw, ...]


class Ticked(Struct, frozen=True):
    """Hold that something was done in closing up, and when."""

    key: str
    when: str


class ClosingStep(Struct, frozen=True):
    """Hold one step of closing up: its key, title and how; what its screws hold, where it is about screws."""

    key: str
    title: str
    how: str
    holds: str = ""


def closing_steps(spec: ClosingSpec | None) -> tuple[ClosingStep, ...]:
    """Return the steps of closing up in their order; what every phone needs where the catalogue says nothing of the model."""
    clean = tr("Glue rests rolled off, contacts cleaned with isopropyl (fire: no heat near it), frame free of glass.")
    made = [ClosingStep("clean", tr("Clean frame and contacts"), clean)]
    connectors = spec.connectors if spec is not None else ("display", "battery")
    for place, name in enumerate(connectors):
        last = tr(" It is the last one: nothing is touched under power.") if place == len(connectors) - 1 else ""
        made.append(
            ClosingStep(
                tr("connector {name}", name=name),
                tr("Connect: {name}", name=name),
                tr("Straight down, until it clicks.{last}", last=last),
            )
        )
    test = tr("Before anything is sealed, with everything connected: picture, touch, cameras, speakers, charging.")
    made.append(ClosingStep("test", tr("Test with everything connected"), test))
    for holds in dict.fromkeys(screw.holds for screw in spec.screws) if spec is not None else ():
        some = [screw for screw in spec.screws if screw.holds == holds] if spec is not None else []
        lengths = ", ".join(
            tr("{count} of {length:g} mm", count=count, length=length)
            for length, count in _counted([screw.length for screw in some])
        )
        how = tr("{lengths}. Each back to its own hole: a longer one in a shorter one's hole breaks the board.", lengths=lengths)
        made.append(ClosingStep(tr("screws {holds}", holds=holds), tr("Screws: {holds}", holds=holds), how, holds))
    seal = tr("A new water seal, pressed on before its film is drawn off; then press the edges: top, bottom, sides.")
    made.append(ClosingStep(SEAL, tr("Seal and close"), seal))
    made.append(
        ClosingStep(CHECK, tr("Check once more, closed"), tr("The phone says over the cable which functions it shows now."))
    )
    return tuple(made)


def _counted(lengths: Sequence[float]) -> list[tuple[float, int]]:
    return [(length, lengths.count(length)) for length in sorted(set(lengths))]


def ticked_of(done: Sequence[Ticked], steps: Sequence[ClosingStep]) -> tuple[int, int]:
    """Return how many of the steps were done, and how many there are."""
    keys = {each.key for each in done}
    return sum(step.key in keys for step in steps), len(steps)


def faults_of(spec: ClosingSpec) -> tuple[str, ...]:
    """Return what is wrong with a model's screws and connectors; empty where nothing is."""
    width, height = spec.size
    off = (screw for screw in spec.screws if not (0 < screw.x < width and 0 < screw.y < height))
    found = [tr("a screw at {x:g}, {y:g} is outside the phone", x=screw.x, y=screw.y) for screw in off]
    holes = [(screw.x, screw.y) for screw in spec.screws]
    if len(set(holes)) != len(holes):
        found.append(tr("two screws share one hole"))
    if not spec.connectors or spec.connectors[-1] != "battery":
        found.append(tr("the battery is connected last"))
    return tuple(found)
