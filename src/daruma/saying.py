"""Saying things at the command line."""

import click

from daruma.core.plain import plain


def say(text: object, *, err: bool = False, end: str = "\n") -> None:
    """Print a text in which nothing steers the terminal, wherever it came from."""
    click.echo(plain(str(text), lines=True) + end, nl=False, err=err)
