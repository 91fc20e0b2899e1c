"""Proofs asked at the command line: `daruma judge ...`, the same computation that the window shows."""

import json
import sys
from collections.abc import Mapping
from pathlib import Path
from typing import Any

import click

from daruma.catalogue.reading import read_bounded
from daruma.core.errors import Trouble
from daruma.core.plain import plain

FILE = click.Path(path_type=Path, dir_okay=False)
as_json = click.option("--json", "as_json", is_flag=True, help="Answer as JSON.")


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
            self.fail(f"{value!r} is not two numbers such as 2{self.sign}1", param, ctx)
        return first, second


@click.group()
def judge() -> None:
    """Judge a measurement: what it proves, with its uncertainty."""


def read_file(path: Path, most: int, safe: str = "Nothing was changed.") -> bytes:
    """Return a file's bytes, one more than `most` at most; end with the trouble where it cannot be read."""
    try:
        return read_bounded(path, most)
    except OSError as error:
        raise Trouble(
            f"{path} cannot be read: {error.strerror or error}.", safe=safe, advice="Name a file that is there."
        ) from error


def say(answer: Mapping[str, Any], text: str, *, as_json: bool) -> None:
    """Print an answer as JSON or as text in which nothing steers the terminal."""
    click.echo(json.dumps(answer, indent=2) if as_json else plain(text, lines=True))


def end(trouble: Trouble) -> None:
    """Say a trouble in its three parts and end."""
    for part in (trouble.what, trouble.safe, trouble.advice):
        if part:
            click.echo(f"daruma: {plain(part, lines=True)}", err=True)
    sys.exit(1)


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

    try:
        cards = read_seen(read_file(seen, LARGEST), seen.name)
        rays = read_map(read_file(map_, LARGEST), map_.name)
    except Trouble as trouble:
        end(trouble)
        return
    if not (1 <= size[0] <= 100_000 and 1 <= size[1] <= 100_000):
        end(Trouble("--size is no size of a picture.", safe="Nothing was changed.", advice="Say it as 640x480."))
    verdict = judged(View(focal, centre, (int(size[0]), int(size[1])), baseline), cards, rays)
    say(dots_answer(verdict), dots_text(verdict), as_json=as_json)
