"""What every judgement at the command line shares: reading a file within bounds, saying an answer, ending with a trouble."""

import json
import math
import sys
from collections.abc import Mapping
from pathlib import Path
from typing import Any

import click

from daruma.catalogue.reading import read_bounded
from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.core.plain import plain

FILE = click.Path(path_type=Path, dir_okay=False)
as_json = click.option("--json", "as_json", is_flag=True, help=tr("Answer as JSON."))


def read_file(path: Path, most: int, safe: str = tr("Nothing was changed.")) -> bytes:
    """Return a file's bytes, one more than `most` at most; end with the trouble where it cannot be read."""
    try:
        return read_bounded(path, most)
    except OSError as error:
        raise Trouble(
            tr("{path} cannot be read: {strerror}.", path=path, strerror=error.strerror or error),
            safe=safe,
            advice=tr("Name a file that is there."),
        ) from error


def say(answer: Mapping[str, Any], text: str, *, as_json: bool) -> None:
    """Print an answer as JSON or as text in which nothing steers the terminal."""
    click.echo(json.dumps(_finite(answer), indent=2, allow_nan=False) if as_json else plain(text, lines=True))


def _finite(value: Any) -> Any:
    """Return an answer whose figures are all numbers of JSON: what is none there is null."""
    if isinstance(value, Mapping):
        return {key: _finite(each) for key, each in value.items()}
    if isinstance(value, (list, tuple)):
        return [_finite(each) for each in value]
    return None if isinstance(value, float) and not math.isfinite(value) else value


def end(trouble: Trouble) -> None:
    """Say a trouble in its three parts and end."""
    for part in (trouble.what, trouble.safe, trouble.advice):
        if part:
            click.echo(tr("daruma: {part}", part=plain(part)), err=True)
    sys.exit(1)


class Judgements(click.Group):
    """Say a trouble of any judgement in its three parts, and end."""

    def invoke(self, ctx: click.Context) -> Any:
        """Run the judgement that was asked for."""
        try:
            return super().invoke(ctx)
        except Trouble as trouble:
            end(trouble)
