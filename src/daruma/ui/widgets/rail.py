"""The rail: open jobs, one ticket each."""

from collections.abc import Sequence

from msgspec import Struct
from PySide6.QtCore import QModelIndex, QPersistentModelIndex, QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QPainter, QPen, QStandardItem, QStandardItemModel
from PySide6.QtWidgets import QListView, QStyle, QStyledItemDelegate, QStyleOptionViewItem, QWidget

from daruma.core.language import tr
from daruma.core.pictures.primitives import Tone
from daruma.ui.theme import Look, text_font
from daruma.ui.widgets.faces import draw_face

Index = QModelIndex | QPersistentModelIndex
HEIGHT = 78


class RailTicket(Struct, frozen=True):
    """Hold what a ticket on the rail shows; `faces` are (promised, proven) pairs."""

    number: int
    name: str
    phone: str
    faces: tuple[tuple[bool, bool], ...]
    waiting: str
    waits_for: str
    closed: bool

    def words(self) -> str:
        """Return the ticket's text twin."""
        proven = sum(pair[1] for pair in self.faces)
        promises = tr("{proven} of {count_faces} promises proven", proven=proven, count_faces=len(self.faces))
        return tr(
            "{job}, {phone}, {promises}, {waiting}, waits for {waits_for}",
            job=self.name,
            phone=self.phone,
            promises=promises,
            waiting=self.waiting,
            waits_for=self.waits_for,
        )


class RailModel(QStandardItemModel):
    """Give the tickets to the list, which asks for rows over and over while it paints: Qt's own model answers quicker."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._tickets: tuple[RailTicket, ...] = ()

    def show_tickets(self, tickets: Sequence[RailTicket]) -> None:
        """Take new tickets."""
        before, self._tickets = self._tickets, tuple(tickets)
        if [t.number for t in self._tickets] != [t.number for t in before]:
            self.clear()
            for ticket in self._tickets:
                self.appendRow(_item(ticket))
            return
        for row, (old, new) in enumerate(zip(before, self._tickets, strict=True)):
            if old != new:
                self.setItem(row, _item(new))

    def row_of(self, number: int) -> int:
        """Return the row of a job, -1 where it is not on the rail."""
        return next((row for row, ticket in enumerate(self._tickets) if ticket.number == number), -1)


def _item(ticket: RailTicket) -> QStandardItem:
    item = QStandardItem(ticket.words())
    item.setEditable(False)
    item.setData(ticket, Qt.ItemDataRole.UserRole)
    item.setAccessibleText(ticket.words())
    return item


class _TicketPainter(QStyledItemDelegate):
    folded = False

    def sizeHint(self, _: QStyleOptionViewItem, __: Index) -> QSize:
        return QSize(60 if self.folded else 200, HEIGHT)

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: Index) -> None:
        ticket = index.data(Qt.ItemDataRole.UserRole)
        theme = Look.theme
        area = QRectF(option.rect)
        state = option.state
        chosen = bool(state & QStyle.StateFlag.State_Selected)
        painter.save()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        card = area.adjusted(4, 4, -4, -4) if self.folded else area.adjusted(8, 4, -8, -4)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(theme.colour(Tone.SHEET if chosen else Tone.GROUND, 1.0 if chosen else 0.55))
        painter.drawRect(card)
        if chosen:
            painter.setBrush(theme.colour(Tone.INK))
            painter.drawRect(QRectF(card.left(), card.top(), 4, card.height()))
        if chosen and state & QStyle.StateFlag.State_HasFocus:
            painter.setPen(QPen(theme.colour(Tone.DATA), 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(card.adjusted(1, 1, -1, -1))
        (self._few if self.folded else self._lines)(painter, card, ticket)
        painter.restore()

    def _few(self, painter: QPainter, card: QRectF, ticket: RailTicket) -> None:
        """Paint what a folded rail has room for: the number, one face for all promises, how many of them are kept."""
        theme, middle = Look.theme, card.center().x() + 2
        painter.setFont(text_font(12))
        painter.setPen(theme.colour(Tone.QUIET if ticket.closed else Tone.INK))
        kept = sum(proven for _, proven in ticket.faces)
        for text, y in ((ticket.name, 16), (tr("{kept} of {count_faces}", kept=kept, count_faces=len(ticket.faces)), 63)):
            width = painter.fontMetrics().horizontalAdvance(text)
            painter.drawText(QPointF(middle - width / 2, card.top() + y), text)
        promised = bool(ticket.faces)
        draw_face(painter, QRectF(middle - 14, card.top() + 21, 28, 28), promised, promised and kept == len(ticket.faces), theme)

    def _lines(self, painter: QPainter, card: QRectF, ticket: RailTicket) -> None:
        theme, x, y = Look.theme, card.left() + 13, card.top()
        painter.setFont(text_font(15, bold=True))
        painter.setPen(theme.colour(Tone.QUIET if ticket.closed else Tone.INK))
        painter.drawText(QPointF(x, y + 20), ticket.phone)
        painter.setFont(text_font(12))
        painter.setPen(theme.colour(Tone.QUIET))
        width = painter.fontMetrics().horizontalAdvance(ticket.name)
        painter.drawText(QPointF(card.right() - 9 - width, y + 20), ticket.name)
        for i, (promised, proven) in enumerate(ticket.faces):
            draw_face(painter, QRectF(x + i * 23, y + 27, 20, 20), promised, proven, theme)
        painter.setFont(text_font(12))
        painter.setPen(theme.colour(Tone.QUIET))
        width = painter.fontMetrics().horizontalAdvance(ticket.waiting)
        painter.drawText(QPointF(card.right() - 9 - width, y + 42), ticket.waiting)
        text = painter.fontMetrics().elidedText(ticket.waits_for, Qt.TextElideMode.ElideRight, int(card.width() - 24))
        painter.setPen(theme.colour(Tone.QUIET if ticket.closed else Tone.INK))
        painter.drawText(QPointF(x, y + 62), text)


class Rail(QListView):
    """Show the tickets and say which one is opened."""

    opened = Signal(int)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setObjectName("rail")
        self.setAccessibleName(tr("Open jobs"))
        self._following = False
        self._tickets = RailModel(self)
        self.setModel(self._tickets)
        self._painter = _TicketPainter(self)
        self.setItemDelegate(self._painter)
        self.setUniformItemSizes(True)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setStyleSheet("background: transparent; border: none;")
        self.selectionModel().currentChanged.connect(self._current_changed)

    def show_tickets(self, tickets: Sequence[RailTicket], current: int) -> None:
        """Show tickets, the current job's chosen."""
        self._following = True
        self._tickets.show_tickets(tickets)
        row = self._tickets.row_of(current)
        if row >= 0 and self.currentIndex().row() != row:
            self.setCurrentIndex(self._tickets.index(row, 0))
        self._following = False
        self.viewport().update()

    def fold(self, folded: bool) -> None:
        """Show faces and numbers only, or all of each ticket."""
        self._painter.folded = folded
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff if folded else Qt.ScrollBarPolicy.ScrollBarAsNeeded)
        self.scheduleDelayedItemsLayout()

    def _current_changed(self, index: QModelIndex, _: QModelIndex) -> None:
        ticket = index.data(Qt.ItemDataRole.UserRole)
        if isinstance(ticket, RailTicket) and not self._following:
            self.opened.emit(ticket.number)
