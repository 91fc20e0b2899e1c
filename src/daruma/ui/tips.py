"""Tooltips whose text is never read as markup, whoever wrote it."""

from html import escape


def plain_tip(text: str) -> str:
    """Return a tooltip that shows a text as it is; Qt would read one that looks like markup as markup."""
    return f"<span>{escape(text).replace(chr(10), '<br>')}</span>" if text else ""
