"""The foot of the window: the bench itself."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import QFrame, QHBoxLayout

from daruma.core.language import tr
from daruma.core.model import socket_name
from daruma.ui.widgets.notices import ElidedLabel, label

if TYPE_CHECKING:
    from daruma.bench.rig import BenchState

TOLD_MS = 8000


class Foot(QFrame):
    """Show programmer, sockets, phone and store; tell what was done."""

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("foot")
        self.setProperty("role", "foot")
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 5, 14, 5)
        row.setSpacing(26)
        self.programmer, self.sockets, self.phone = (ElidedLabel("", snug=True) for _ in range(3))
        self.programmer.setText(tr("Programmer: not asked yet"))
        self.told = ElidedLabel("")
        self.told.setAlignment(Qt.AlignmentFlag.AlignRight)
        self.store = label("", wrap=False)
        for widget in (self.programmer, self.sockets, self.phone):
            row.addWidget(widget)
        row.addWidget(self.told, 1)
        row.addWidget(self.store)
        self._forget = QTimer(self)
        self._forget.setSingleShot(True)
        self._forget.setInterval(TOLD_MS)
        self._forget.timeout.connect(self.told.clear)

    def tell(self, text: str) -> None:
        """Say in passing what was done."""
        self.told.setText(text)
        self._forget.start()

    def show_bench(self, bench: BenchState, backups: int) -> None:
        """Show the bench as it answered."""
        programmer = bench.programmer
        if programmer is None:
            self.programmer.setText(tr("No programmer: {trouble}", trouble=bench.trouble or tr("none set up")))
        else:
            self.programmer.setText(
                tr("{programmer}, firmware {firmware}", programmer=programmer.name, firmware=programmer.firmware)
            )
        plugged = [
            f"{socket_name(name)}: {part.name()}" + (tr(" by {maker}", maker=part.maker) if part.maker else "")
            for name, part in bench.sockets.items()
            if part is not None
        ]
        self.sockets.setText("; ".join(plugged) or (tr("sockets empty") if bench.sockets else ""))
        said = {
            True: tr("phone on the cable: {phone_label}, on", phone_label=bench.phone_label),
            False: tr("phone on the cable: off"),
            None: tr("no phone cable"),
        }
        self.phone.setText(said[bench.phone_on])
        self.store.setText(tr("vault: {backups} backups", backups=backups))
