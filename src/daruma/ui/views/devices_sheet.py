"""The devices: which port each is on, what answers there, and what a user lacks to use it."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtGui import QHideEvent, QShowEvent
from PySide6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QLineEdit, QPushButton, QSizePolicy, QVBoxLayout, QWidget

from daruma.core.language import inner, tr
from daruma.core.settings import DEVICES, STANDIN, Settings
from daruma.ui.desk import Desk
from daruma.ui.tables import Rows, table
from daruma.ui.widgets.boxes import ChoiceBox
from daruma.ui.widgets.fields import choice_field, show_choices
from daruma.ui.widgets.notices import label

if TYPE_CHECKING:
    from daruma.link.ports import Answered, PortFound

TYPED = "?"  # the choice behind which an address is typed
PORTS_HEIGHT = 150  # pixels


class DevicesSheet(QWidget):
    """Assign devices to ports and test them."""

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self._desk, self._porting = desk, desk.porting
        self._ports: tuple[PortFound, ...] = ()
        self._answers: dict[str, str] = {}
        self._choices: dict[str, ChoiceBox] = {}
        self._results: dict[str, QLabel] = {}
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(8)
        column.addLayout(self._lines())
        column.addLayout(self._address())
        column.addWidget(label("part", tr("Ports of this machine"), wrap=False))
        self.rows = Rows((tr("Port"), tr("The system says"), tr("What answers")), mono=frozenset({0}))
        self.view = table("ports_table", tr("Table of ports"), self.rows, (150, 220, 300))
        self.view.setAccessibleName(tr("Ports of this machine"))
        self.view.setMinimumHeight(PORTS_HEIGHT)
        column.addWidget(self.view, 1)
        foot = QHBoxLayout()
        asking = QPushButton(tr("Ask every port"))
        asking.setObjectName("ask_ports")
        asking.setToolTip(tr("Nothing but a greeting is sent"))
        asking.clicked.connect(self._porting.ask_all)
        self.note = label("hint")
        self.note.setTextInteractionFlags(
            Qt.TextInteractionFlag.TextSelectableByMouse | Qt.TextInteractionFlag.TextSelectableByKeyboard
        )
        self.note.setObjectName("ports_note")
        foot.addWidget(asking)
        foot.addWidget(self.note, 1)
        column.addLayout(foot)
        self._untested: set[str] = set()
        desk.settings_changed.connect(self._kept)
        self._porting.ports_changed.connect(self._show_ports)
        self._porting.asked.connect(self._asked)
        self._porting.tested.connect(self._tested)

    def _lines(self) -> QGridLayout:
        grid = QGridLayout()
        grid.setHorizontalSpacing(10)
        grid.setVerticalSpacing(4)
        grid.setColumnStretch(3, 1)
        for row, (kind, words) in enumerate(DEVICES.items()):
            combo = self._choices[kind] = choice_field(f"device_{kind}")
            combo.setAccessibleName(tr("{words}: where it is", words=words))
            combo.setMinimumContentsLength(20)
            combo.currentIndexChanged.connect(partial(self._chosen, kind))
            test = QPushButton(tr("Test"))
            test.setObjectName(f"test_{kind}")
            test.setAccessibleName(tr("Test the {words}", words=inner(words)))
            test.setProperty("role", "choice")
            test.clicked.connect(partial(self._test, kind))
            said = self._results[kind] = label("hint")
            said.setObjectName(f"tested_{kind}")
            said.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
            for place, widget in enumerate((label("", words, wrap=False), combo, test, said)):
                grid.addWidget(widget, row, place)
        return grid

    def _address(self) -> QHBoxLayout:
        self._typing = ""
        self.address = QLineEdit()
        self.address.setObjectName("device_address")
        self.address.setPlaceholderText(tr("/dev/..., socket://host:port or another pyserial address"))
        self.address.setAccessibleName(tr("Address of the device"))
        self.address.returnPressed.connect(self._typed)
        self.address.hide()
        row = QHBoxLayout()
        row.addWidget(self.address)
        return row

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self._porting.watch(True)

    def hideEvent(self, event: QHideEvent) -> None:
        super().hideEvent(event)
        self._porting.watch(False)

    def show_settings(self, settings: Settings) -> None:
        """Show which device is where."""
        for kind, combo in self._choices.items():
            wire = settings[f"devices.{kind}"]
            offered = {"": tr("none"), STANDIN: tr("a stand-in (simulated)"), **{port.url: port.url for port in self._ports}}
            if wire not in offered:
                offered[wire] = wire if wire.startswith("socket") or not self._ports else tr("{wire} (not there)", wire=wire)
            show_choices(combo, {**offered, TYPED: tr("type an address")}, wire)

    def _chosen(self, kind: str, _: int) -> None:
        wire = self._choices[kind].currentData()
        self.address.setVisible(wire == TYPED)
        if wire == TYPED:
            self._typing = kind
            self.address.setText(self._desk.settings[f"devices.{kind}"])
            self.address.setFocus()
            return
        self._set(kind, wire)

    def _typed(self) -> None:
        self.address.hide()
        self._set(self._typing, self.address.text().strip())

    def _set(self, kind: str, wire: str) -> None:
        self._results[kind].clear()
        if wire == self._desk.settings[f"devices.{kind}"]:
            self._test(kind)
            return
        self._untested.add(kind)
        self._desk.set({f"devices.{kind}": wire})

    def _kept(self) -> None:
        """Test what was just chosen: only what is kept is connected."""
        for kind in self._untested:
            self._test(kind)
        self._untested.clear()

    def _test(self, kind: str, _: bool = False) -> None:
        self._results[kind].setText(tr("asking ...") if self._desk.settings[f"devices.{kind}"] else tr("none is set up"))
        if self._desk.settings[f"devices.{kind}"]:
            self._porting.test(kind)

    def _tested(self, kind: str, answered: Answered) -> None:
        said = answered.words
        if answered.device is not None and answered.device.kind != kind:
            said = tr(
                "This is a {kind}, not a {device}. {said}", kind=answered.device.kind, device=inner(DEVICES[kind]), said=said
            )
        self._results[kind].setText(said)

    def _show_ports(self, ports: tuple[PortFound, ...]) -> None:
        self._ports = ports
        self._answers = {url: said for url, said in self._answers.items() if url in {port.url for port in ports}}
        self._show()
        self.show_settings(self._desk.settings)

    def _asked(self, url: str, answered: Answered) -> None:
        self._answers[url] = answered.words
        self._show()

    def _show(self) -> None:
        self.rows.show_rows(
            [(port.url, port.words, port.barred or self._answers.get(port.url, tr("not asked yet"))) for port in self._ports]
        )
        barred = next((port for port in self._ports if port.barred), None)
        if barred is not None:
            self.note.setText(tr("{barred} This gives the right:\n{remedy}", barred=barred.barred, remedy=barred.remedy))
        else:
            self.note.setText("" if self._ports else tr("No serial port is there. Plug a device in: it is listed at once."))
