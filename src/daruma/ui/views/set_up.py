"""Setting the shop up: one step for each group of settings; each can be left, skipped and taken up again."""

from __future__ import annotations

import subprocess
import sys
from functools import partial
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QPushButton, QStackedWidget, QVBoxLayout, QWidget

from daruma.core.language import continued, inner, tr
from daruma.core.settings import WEIGHED, Group, SettingFault, Settings, groups
from daruma.ui.desk import Desk
from daruma.ui.running import WEIGHING
from daruma.ui.views.devices_sheet import DevicesSheet
from daruma.ui.widgets.boxes import scrolled
from daruma.ui.widgets.notices import label
from daruma.ui.widgets.setting_form import SettingForm

if TYPE_CHECKING:
    from daruma.bench.example import Example
    from daruma.core.settings import Setting

STEPS = 214  # pixels of the list of steps


class SetUpPage(QFrame):
    """Show one step, and how far the others are."""

    ticket_wanted = Signal()

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self.setObjectName("set_up")
        self._desk = desk
        self._group = groups()[0]
        self._forms: dict[str, QWidget] = {}
        self._marks: dict[str, QPushButton] = {}
        self._said: dict[str, QLabel] = {}
        self._tools: dict[str, tuple[str, ...]] | None = None
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(14)
        row.addWidget(self._list())
        row.addWidget(self._sheet(), 1)
        self._before: Example | None = None
        desk.settings_changed.connect(self._changed)

    def _list(self) -> QFrame:
        side = QFrame()
        side.setProperty("role", "sheet")
        side.setFixedWidth(STEPS)
        column = QVBoxLayout(side)
        column.setContentsMargins(12, 14, 12, 14)
        column.setSpacing(4)
        for group in groups():
            button = self._marks[group.table] = QPushButton(group.title)
            button.setObjectName(f"step_{group.table}")
            button.setProperty("role", "card")
            button.setCheckable(True)
            button.setAutoExclusive(True)
            button.clicked.connect(partial(self.open_step, group.table))
            said = self._said[group.table] = label("hint", wrap=False)
            line = QHBoxLayout()
            line.addWidget(button, 1)
            line.addWidget(said)
            column.addLayout(line)
        column.addStretch(1)
        self.how_far = label("hint")
        column.addWidget(self.how_far)
        demo = QPushButton(tr("Look around in the demo"))
        demo.setObjectName("open_demo")
        demo.setToolTip(tr("An invented shop with a simulated bench, in a window of its own: nothing here is touched"))
        demo.clicked.connect(self._open_demo)
        column.addWidget(demo)
        return side

    def _sheet(self) -> QFrame:
        sheet = QFrame()
        sheet.setProperty("role", "sheet")
        column = QVBoxLayout(sheet)
        column.setContentsMargins(18, 14, 18, 14)
        column.setSpacing(8)
        self.title, self.what, self.without = label("head", wrap=False), label("quiet"), label("hint")
        self.without.setObjectName("without")
        column.addWidget(self.title)
        column.addWidget(self.what)
        self.stack = QStackedWidget()
        column.addWidget(self.stack, 1)
        self.example = label("data")
        self.example.setObjectName("example")
        column.addWidget(self.example)
        column.addWidget(self.without)
        foot = QHBoxLayout()
        self.skip = QPushButton(tr("Skip for now"))
        self.skip.setObjectName("skip_step")
        self.skip.clicked.connect(self._skip)
        self.next = QPushButton()
        self.next.setObjectName("next_step")
        self.next.setProperty("role", "main")
        self.next.clicked.connect(self._next)
        foot.addStretch(1)
        foot.addWidget(self.skip)
        foot.addWidget(self.next)
        column.addLayout(foot)
        return sheet

    def refresh(self) -> None:
        """Show the step that is on view, as things are now."""
        self.open_step(self._group.table)
        self._desk.reread_settings()

    def open_step(self, table: str, _: bool = False) -> None:
        """Show a step by the table of its settings."""
        self._group = next(group for group in groups() if group.table == table)
        if table not in self._forms:
            self._forms[table] = self._made(self._group)
            self.stack.addWidget(self._forms[table])
        self.stack.setCurrentWidget(self._forms[table])
        self.title.setText(self._group.title)
        self.what.setText(self._group.what)
        self.without.setText(tr("Without it: {without}", without=self._group.without))
        self._marks[table].setChecked(True)
        self._show(self._desk.settings)
        self.example.setVisible(table in WEIGHED)
        if table in WEIGHED:
            self._weigh()
        if table == "bench" and self._tools is None:
            self._desk.run(self._desk.store, WEIGHING, lambda _: _tools_of(self._desk), self._show_tools)

    def open_first(self) -> None:
        """Show the first step that is neither done nor skipped."""
        self.open_step(next((g.table for g in groups() if self._desk.settings.is_open(g.table)), groups()[0].table))

    def _made(self, group: Group) -> QWidget:
        if group.table == "devices":
            return DevicesSheet(self._desk)
        labels = self._desk.ready.catalogue.function_labels
        form = SettingForm(group.settings, {s.key: labels[s.function] for s in group.settings if s.function})
        form.changed.connect(self._take)
        return form if len(group.settings) < SCROLLED else scrolled(form)

    def _form(self, table: str) -> SettingForm | DevicesSheet | None:
        made = self._forms.get(table)
        if made is None or isinstance(made, SettingForm | DevicesSheet):
            return made
        return made.findChild(SettingForm)

    def _take(self, changes: dict[str, Any]) -> None:
        if all(self._desk.settings[key] == value for key, value in changes.items()):
            return
        try:
            self._desk.set(changes)
        except SettingFault as fault:
            self._desk.told.emit(tr("Not kept: {fault}.", fault=fault))

    def _weigh(self) -> None:
        """Ask what an example comes to with what is set now."""
        settings = self._desk.settings
        self._desk.run(self._desk.store, WEIGHING, lambda _: _example(self._desk, settings), self._weighed)

    def _weighed(self, now: Example) -> None:
        money, before = self._desk.settings["shop.money"], self._before
        was = tr(" Before the last change: {before}.", before=before.words(money)) if before not in (None, now) else ""
        self.example.setText(tr("Example ({case}): {now}.{was}", case=now.case, now=now.words(money), was=was))
        self._before = now

    def _changed(self, settings: Settings) -> None:
        self._show(settings)
        if self.isVisible() and self._group.table in WEIGHED:
            self._weigh()

    def _show(self, settings: Settings) -> None:
        open_ = [group for group in groups() if settings.is_open(group.table)]
        for group in groups():
            said = "" if group in open_ else tr("set") if settings.is_set(group.table) else tr("skipped")
            self._said[group.table].setText(said)
            self._marks[group.table].setAccessibleName(f"{group.title}: {said or tr('open')}")
        done = len(groups()) - len(open_)
        self.how_far.setText(
            tr(
                "{done} of {count_groups} steps are done or skipped. Each can be left and taken up again.",
                done=done,
                count_groups=len(groups()),
            )
        )
        for table in self._forms:
            if (form := self._form(table)) is not None:
                form.show_settings(settings)
        later = self._later()
        self.next.setText(tr("Next: {title}", title=inner(later.title)) if later is not None else tr("Open a ticket"))
        self.skip.setEnabled(settings.is_open(self._group.table))

    def _later(self) -> Group | None:
        """Return the next step that is open, None where there is none."""
        every = groups()
        place = every.index(self._group)
        behind = (*every[place + 1 :], *every[:place])
        return next((group for group in behind if self._desk.settings.is_open(group.table)), None)

    def _skip(self) -> None:
        later = self._later()
        self._desk.set({"setup.skipped": (*self._desk.settings["setup.skipped"], self._group.table)})
        if later is not None:
            self.open_step(later.table)

    def _next(self) -> None:
        later = self._later()
        if self._desk.settings.is_open(self._group.table):
            # what was looked at and left as it is stands as it is
            self._desk.set({setting.key: setting.default for setting in self._group.settings})
        if later is None:
            self.ticket_wanted.emit()
        else:
            self.open_step(later.table)

    def _show_tools(self, tools: dict[str, tuple[str, ...]]) -> None:
        self._tools = tools
        if not isinstance(form := self._form("bench"), SettingForm):
            return
        for setting in _of("bench"):
            ways = [continued(way) for way in tools.get(setting.name, ())]
            form.explain(setting.key, tr("opens: {ways}", ways=", ".join(ways)) if ways else tr("no way rests on it alone"))

    def _open_demo(self) -> None:
        subprocess.Popen([sys.executable, "-m", "daruma", "demo"], start_new_session=True)
        self._desk.told.emit(tr("The demo opens in a window of its own."))


SCROLLED = 9  # so many settings do not fit without scrolling


def _of(table: str) -> tuple[Setting, ...]:
    return next(group.settings for group in groups() if group.table == table)


def _example(desk: Desk, settings: Settings) -> Example:
    from daruma.bench.example import example

    return example(settings, desk.ready.catalogue)


def _tools_of(desk: Desk) -> dict[str, tuple[str, ...]]:
    from daruma.bench.tools import opened_by

    return opened_by(desk.ready.catalogue.models.values(), desk.ready.catalogue.figures)
