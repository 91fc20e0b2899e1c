"""Mark every text that is looked up, so that what is shown past the translation stands out: a plugin for a run of its own."""

import re

from daruma.core.language import speak

HOLE = re.compile(r"(\{[^{}]*\})")
DATES = "%Y-%m-%d"


def marked(text: str) -> str:
    """Return a text with marks around all of it but its holes."""
    if text.startswith(DATES):
        return text
    return "".join(part if not part or HOLE.fullmatch(part) else f"⟦{part}⟧" for part in HOLE.split(text))


def outside(said: str) -> str:
    """Return what of a text stands in no marks."""
    depth, found = 0, []
    for char in said:
        depth += (char == "⟦") - (char == "⟧")
        found.append(char if depth <= 0 and char != "⟧" else " ")
    return "".join(found)


speak("xx", marked, ",", ".")
