"""The help of the commands in the user's language: what stands at commands and options is looked up before it is shown."""

import inspect
from collections.abc import Iterator

import click

from daruma.core.language import tr

Helped = click.Command | click.Option


def helped(command: click.Command) -> Iterator[Helped]:
    """Yield a command, its options, and those of all commands under it."""
    yield command
    yield from (each for each in command.params if isinstance(each, click.Option))
    if isinstance(command, click.Group):
        for each in command.commands.values():
            yield from helped(each)


def help_of(each: Helped) -> str:
    """Return the help of a command or an option as it is looked up."""
    return inspect.cleandoc(each.help or "")


def translate_help(command: click.Command) -> None:
    """Say the help of a command and of all under it in the user's language."""
    for each in helped(command):
        if each.help:
            each.help = tr(help_of(each))
