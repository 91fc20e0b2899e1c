"""Saying things at the command line."""

import click

from daruma.core.plain import plain


def say(text: object, *, err: bool = False, end: str = "\n", lines: bool = False) -> None:
    """Print a text in which nothing steers the terminal, wherever it came from; with `lines` it may be more than one line."""
    click.echo(plain(str(text), lines=lines) + end, nl=False, err=err)
