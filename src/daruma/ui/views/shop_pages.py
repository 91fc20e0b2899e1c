"""The shop's pages that only show: words, keys."""

from __future__ import annotations

from html import escape

from PySide6.QtWidgets import QFrame, QLineEdit, QTextBrowser, QVBoxLayout

from daruma.core.language import tr
from daruma.ui.actions import SPECS
from daruma.ui.desk import Desk
from daruma.ui.help import GLOSSARY
from daruma.ui.tables import Rows, table


class WordsPage(QFrame):
    """Show the words that the program uses in a sense of its own."""

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self.setProperty("role", "sheet")
        self.desk = desk
        column = QVBoxLayout(self)
        column.setContentsMargins(16, 12, 16, 12)
        self.search = QLineEdit()
        self.search.setObjectName("words_search")
        self.search.setAccessibleName(tr("Find a word"))
        self.search.setPlaceholderText(tr("find a word"))
        self.search.textChanged.connect(self._list)
        column.addWidget(self.search)
        self.text = QTextBrowser()
        self.text.setObjectName("glossary")
        self.text.setAccessibleName(tr("Words and what they mean"))
        column.addWidget(self.text, 1)
        self._list("")

    def _list(self, asked: str) -> None:
        wanted = asked.strip().lower()
        found = [(word, meaning) for word, meaning in GLOSSARY if wanted in f"{word} {meaning}".lower()]
        self.text.setHtml("".join(f"<p><b>{escape(word)}</b><br>{escape(meaning)}</p>" for word, meaning in found))

    def refresh(self) -> None:
        """Show what there is now: it never changes."""


class KeysPage(QFrame):
    """Show the list of keys."""

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self.setProperty("role", "sheet")
        self.desk = desk
        column = QVBoxLayout(self)
        column.setContentsMargins(16, 12, 16, 12)
        rows = Rows((tr("Key"), tr("What it does"), tr("Menu")))
        rows.show_rows(
            [
                *((spec.key, spec.text, spec.menu) for spec in SPECS),
                (tr("Tab"), tr("Next field, in the order of the work"), ""),
                (tr("Left, Right"), tr("On the cord: stage before, stage after"), ""),
                (tr("Up, Down"), tr("On the thread map: function; on the strips: route"), ""),
                (tr("Space, held"), tr("On a hold button: close the ring"), ""),
            ]
        )
        column.addWidget(table("keys_table", tr("Table of keys"), rows, (180, 360, 120)), 1)

    def refresh(self) -> None:
        """Show what there is now: it never changes."""
