"""The commands about this machine: what is wrong with it, what is set, what shells complete."""

import sys
from pathlib import Path
from typing import TYPE_CHECKING, Protocol

import click

from daruma.core.language import tr, word
from daruma.saying import say

if TYPE_CHECKING:
    from daruma.store.settings import Loaded


class PlaceLike(Protocol):
    """What a command gets: the data folder, where earlier programs kept settings, and what is set."""

    @property
    def data(self) -> Path:
        """Return the data folder."""

    @property
    def earlier(self) -> Path:
        """Return the folder of an earlier program's settings."""

    @property
    def loaded(self) -> "Loaded":
        """Return what is set."""


@click.command()
@click.option("--json", "as_json", is_flag=True, help="Answer as JSON.")
@click.pass_obj
def doctor(place: PlaceLike, as_json: bool) -> None:
    """Say what is wrong with this machine: libraries, window, ports, rights, disk, clock, settings, store."""
    import json

    from daruma.doctor import Health, examine

    found = tuple(examine(place.data, place.earlier))
    if as_json:
        rows = [{"what": f.what, "health": f.health.value, "said": f.said, "remedy": f.remedy} for f in found]
        say(json.dumps(rows, indent=2), lines=True)
    else:
        for each in found:
            say(f"{word(each.health):6} {each.title}: {each.said}")
            if each.remedy:
                say(tr("       do: {remedy}", remedy=each.remedy))
    sys.exit(any(each.health is Health.WRONG for each in found))


@click.command("settings")
@click.option("--markdown", is_flag=True, help="Write the page of the documentation.")
@click.pass_obj
def settings_command(place: PlaceLike, markdown: bool) -> None:
    """List every setting with its value, limits and use; name what of the file cannot be used."""
    from daruma.handover.settings_page import settings_page, settings_text

    if markdown:
        say(settings_page(), end="", lines=True)
        return
    loaded = place.loaded
    say(settings_text(loaded.settings), end="", lines=True)
    for trouble in loaded.troubles:
        say(tr("daruma: {sentences}", sentences=trouble.sentences()), err=True)
    sys.exit(bool(loaded.troubles))


@click.command()
@click.argument("shell", type=click.Choice(["bash", "zsh", "fish"]))
@click.pass_context
def completion(context: click.Context, shell: str) -> None:
    """Print what a shell needs to complete commands; put it where the shell looks for completions."""
    from click.shell_completion import get_completion_class

    made, root = get_completion_class(shell), context.find_root().command
    assert made is not None
    say(made(root, {}, "daruma", "_DARUMA_COMPLETE").source(), end="", lines=True)
