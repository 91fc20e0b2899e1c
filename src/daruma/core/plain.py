"""Text from outside, made harmless: nothing in it steers a terminal, a page or the order of what is read."""

from unicodedata import category

SHOWN = "\ufffd"  # stands for a character that must not be carried out
# control, format (direction marks are among them), half of a pair, private use, line and paragraph ends
_STEERS = frozenset({"Cc", "Cf", "Cs", "Co", "Zl", "Zp"})


def plain(text: str, *, lines: bool = False) -> str:
    """Return a text in which what steers is replaced by a mark; with `lines`, ends of lines stay."""
    if text.isprintable():
        return text
    return "".join(c if category(c) not in _STEERS or (lines and c == "\n") else SHOWN for c in text)
