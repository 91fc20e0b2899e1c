"""Imports as Python does them: Qt for Python puts an import of its own in their place."""

import builtins


def import_plainly() -> None:
    """Import without the look into each module's source by which Qt for Python finds out who wants its other spelling.

    Nothing here does. The look keeps the text of every module that is loaded, its libraries' too: 25 MB, and a seventh of
    the time until a job is shown. Where there is no such look, nothing is changed.
    """
    builtins.__import__ = getattr(builtins, "__orig_import__", builtins.__import__)
