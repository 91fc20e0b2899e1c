"""Write the manual page from the commands: `tools/manpage.py share/man/man1/daruma.1`."""

import sys
from pathlib import Path

import click

from daruma.cli import main


def escaped(text: str) -> str:
    """Return a text that the typesetter takes as it is."""
    text = text.replace("\\", "\\e").replace("-", "\\-")
    return "\n".join(f"\\&{line}" if line.startswith((".", "'")) else line for line in text.splitlines())


def options(command: click.Command) -> list[str]:
    """Return the options of a command."""
    found = []
    for param in command.params:
        if isinstance(param, click.Option):
            value = "" if param.is_flag else f" \\fI{param.human_readable_name.upper()}\\fR"
            found += [".TP", f"\\fB{escaped(', '.join(param.opts))}\\fR{value}", escaped(param.help or "")]
    return found


def commands(group: click.Group, words: str) -> list[str]:
    """Return the commands of a group, those of its groups behind it."""
    found = []
    for name, command in sorted(group.commands.items()):
        arguments = " ".join(p.human_readable_name.upper() for p in command.params if isinstance(p, click.Argument))
        if isinstance(command, click.Group):
            found += commands(command, f"{words} {name}")
            continue
        found += [".TP", f"\\fB{escaped(f'{words} {name}')}\\fR \\fI{escaped(arguments)}\\fR", escaped(command.help or "")]
        if options(command):
            found += [".RS", *options(command), ".RE"]
    return found


def page() -> str:
    """Return the page."""
    lines = [
        ".TH DARUMA 1",
        ".SH NAME",
        "daruma \\- move, guard and prove the part data of repaired phones",
        ".SH SYNOPSIS",
        "\\fBdaruma\\fR [\\fIOPTIONS\\fR] [\\fICOMMAND\\fR]",
        ".SH DESCRIPTION",
        escaped((main.help or "").replace("\n\n", " ")),
        ".SH OPTIONS",
        *options(main),
        ".SH COMMANDS",
        *commands(main, "daruma"),
        ".SH FILES",
        ".TP",
        "\\fI$XDG_DATA_HOME/daruma\\fR",
        "the store, its copies, the shop's settings (shop.toml), papers",
        ".TP",
        "\\fI$XDG_CONFIG_HOME/daruma/models\\fR",
        "the shop's own models",
        ".TP",
        "\\fI$XDG_STATE_HOME/daruma/log\\fR",
        "logs, and reports of the program's own mistakes",
    ]
    return "\n".join(lines) + "\n"


if __name__ == "__main__":
    Path(sys.argv[1]).write_text(page(), encoding="utf-8")
