"""Themes: one frozen table of named colours each; palette, style sheet and painters read from it."""

from collections.abc import Callable
from functools import cache
from pathlib import Path

from msgspec import Struct
from PySide6.QtCore import QObject, QTimer
from PySide6.QtGui import QColor, QFont, QFontDatabase, QPalette
from PySide6.QtWidgets import QApplication, QWidget

from daruma.core.pictures.primitives import Tone
from daruma.core.settings import Settings

BREATH_MS = 5  # between the parts of a change of theme, for what else waits
FAMILY, MONO_FAMILY = "Atkinson Hyperlegible Next", "Atkinson Hyperlegible Mono"


class Theme(Struct, frozen=True):
    """Hold a theme's colours: the tones of pictures and what widgets need besides."""

    name: str
    ground: str
    sheet: str
    ink: str
    quiet: str
    line: str
    act: str
    data: str
    proven: str
    gold: str
    on_act: str
    wash: str
    field: str
    on_face: str
    mask: str
    eye: str

    def hex(self, tone: Tone) -> str:
        """Return a tone's colour."""
        return str(getattr(self, tone.value))

    def colour(self, tone: Tone, alpha: float = 1.0) -> QColor:
        """Return a tone as a Qt colour."""
        return QColor(_tinted(self.hex(tone), alpha))


@cache
def _tinted(name: str, alpha: float) -> QColor:
    colour = QColor(name)
    colour.setAlphaF(alpha)
    return colour


PAPER = Theme(
    name="paper",
    ground="#F3EDE1",
    sheet="#FBF8F1",
    ink="#211C18",
    quiet="#665C51",
    line="#D9CFBE",
    act="#AF331C",
    data="#2C3E72",
    proven="#466528",
    gold="#C79A3B",
    on_act="#FFFAF2",
    wash="#E8DFCE",
    field="#FFFDF8",
    on_face="#211C18",
    mask="#F6EEDD",
    eye="#FFFFFF",
)
NIGHT = Theme(
    name="ink",
    ground="#171513",
    sheet="#201D1A",
    ink="#EFE7DA",
    quiet="#A99E90",
    line="#3D3732",
    act="#F2836B",
    data="#A5B7F0",
    proven="#A9C986",
    gold="#D9B25E",
    on_act="#211310",
    wash="#2C2723",
    field="#262220",
    on_face="#14110F",
    mask="#8F8578",
    eye="#FFFFFF",
)
THEMES = {theme.name: theme for theme in (PAPER, NIGHT)}


class Look:
    """Hold the theme in use; widgets ask it when they paint."""

    theme: Theme = PAPER


def contrast(first: str, second: str) -> float:
    """Return the contrast ratio of two colours (WCAG 2.1, relative luminance)."""

    def luminance(colour: str) -> float:
        parts = [int(colour[i : i + 2], 16) / 255 for i in (1, 3, 5)]
        linear = [c / 12.92 if c <= 0.04045 else ((c + 0.055) / 1.055) ** 2.4 for c in parts]
        return 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2]

    high, low = sorted((luminance(first), luminance(second)), reverse=True)
    return (high + 0.05) / (low + 0.05)


def prepare_look(app: QApplication) -> None:
    """Give an application what lies beneath every theme: the fonts that ship with the program, and the style."""
    for entry in Path(__file__).with_name("fonts").glob("*.ttf"):
        QFontDatabase.addApplicationFontFromData(entry.read_bytes())
    app.setStyle("Fusion")
    app.setFont(text_font())


def text_font(size: float = 14, *, bold: bool = False, mono: bool = False) -> QFont:
    """Return a font of the family by its size in logical pixels; digits are of equal width."""
    return QFont(_font(round(size), bold, mono))


@cache
def _font(pixels: int, bold: bool, mono: bool) -> QFont:
    font = QFont(MONO_FAMILY if mono else FAMILY)
    font.setPixelSize(pixels)
    font.setBold(bold)
    font.setHintingPreference(QFont.HintingPreference.PreferNoHinting)
    if not mono:
        font.setFeature(QFont.Tag("tnum"), 1)
    return font


def apply_theme(app: QApplication, theme: Theme) -> None:
    """Make a theme the application's."""
    Look.theme = theme
    # taken off first: putting a sheet on where there is none costs a tenth of exchanging one for another
    app.setStyleSheet("")
    app.setPalette(_palette(theme))
    app.setStyleSheet(style_sheet(theme))


class ThemeChange(QObject):
    """Change the theme under a window in three handlers with nothing painted between: in one it would be deaf for long."""

    def __init__(self, app: QApplication, window: QWidget) -> None:
        super().__init__(window)
        self._app, self._window = app, window
        self._put_on, self._show = self._soon(self._apply), self._soon(self._paint)

    def _soon(self, act: Callable[[], None]) -> QTimer:
        timer = QTimer(self)
        timer.setSingleShot(True)
        timer.setInterval(BREATH_MS)
        timer.timeout.connect(act)
        return timer

    def begin(self) -> None:
        """Take one theme off; the other one is put on by the next event and seen by the one after."""
        Look.theme = NIGHT if Look.theme is PAPER else PAPER
        self._window.setUpdatesEnabled(False)
        self._app.setStyleSheet("")
        self._put_on.start()

    def _apply(self) -> None:
        apply_theme(self._app, Look.theme)
        self._show.start()

    def _paint(self) -> None:
        self._window.setUpdatesEnabled(True)


class Wardrobe(QObject):
    """Put the theme that is asked for on a window's application, where it wears another one."""

    def __init__(self, room: QWidget) -> None:
        super().__init__(room)
        self._room = room
        self._change: ThemeChange | None = None

    def show_settings(self, settings: Settings) -> None:
        """Change to the theme that is set."""
        if settings["look.theme"] != Look.theme.name:
            self.change()

    def change(self) -> None:
        """Change to the other theme."""
        if self._change is None:
            app = QApplication.instance()
            assert isinstance(app, QApplication)
            self._change = ThemeChange(app, self._room.window())
        self._change.begin()


def _palette(theme: Theme) -> QPalette:
    palette = QPalette()
    roles = {
        QPalette.ColorRole.Window: theme.ground,
        QPalette.ColorRole.WindowText: theme.ink,
        QPalette.ColorRole.Base: theme.field,
        QPalette.ColorRole.AlternateBase: theme.sheet,
        QPalette.ColorRole.Text: theme.ink,
        QPalette.ColorRole.Button: theme.sheet,
        QPalette.ColorRole.ButtonText: theme.ink,
        QPalette.ColorRole.Highlight: theme.data,
        QPalette.ColorRole.HighlightedText: theme.sheet,
        QPalette.ColorRole.PlaceholderText: theme.quiet,
        QPalette.ColorRole.ToolTipBase: theme.sheet,
        QPalette.ColorRole.ToolTipText: theme.ink,
        QPalette.ColorRole.Link: theme.data,
    }
    for role, colour in roles.items():
        palette.setColor(role, QColor(colour))
    palette.setColor(QPalette.ColorGroup.Disabled, QPalette.ColorRole.Text, QColor(theme.quiet))
    palette.setColor(QPalette.ColorGroup.Disabled, QPalette.ColorRole.ButtonText, QColor(theme.quiet))
    return palette


def style_sheet(theme: Theme) -> str:
    """Return the one style sheet of the application."""
    return f"""
QToolTip {{ background: {theme.sheet}; color: {theme.ink}; border: 1px solid {theme.line}; padding: 4px; }}
QMenuBar {{ background: {theme.ground}; color: {theme.ink}; padding: 1px 6px; }}
QMenuBar::item {{ padding: 3px 9px; background: transparent; }}
QMenuBar::item:selected, QMenu::item:selected {{ background: {theme.wash}; color: {theme.ink}; }}
QMenu {{ background: {theme.sheet}; border: 1px solid {theme.line}; padding: 4px; }}
QMenu::item {{ padding: 5px 28px 5px 14px; }}
QMenu::item:disabled {{ color: {theme.quiet}; }}
QLabel[role="quiet"] {{ color: {theme.quiet}; font-size: 13px; }}
QLabel[role="hint"] {{ color: {theme.quiet}; font-size: 12px; }}
QLabel[role="fault"] {{ color: {theme.act}; font-size: 12px; }}
QLabel[role="head"] {{ font-size: 20px; font-weight: bold; }}
QLabel[role="part"] {{ font-size: 15px; font-weight: bold; }}
QLabel[role="data"] {{ color: {theme.data}; }}
QLabel[role="caution"] {{ color: {theme.act}; }}
QLineEdit, QPlainTextEdit, QComboBox {{
  background: {theme.field}; border: 1px solid {theme.line}; border-radius: 2px; padding: 4px 7px; color: {theme.ink};
  selection-background-color: {theme.data}; selection-color: {theme.sheet};
}}
QLineEdit:focus, QPlainTextEdit:focus, QComboBox:focus {{ border: 2px solid {theme.data}; padding: 3px 6px; }}
QLineEdit[fault="true"], QComboBox[fault="true"] {{ border-bottom: 2px solid {theme.act}; }}
QLineEdit[mono="true"] {{ font-family: "{MONO_FAMILY}"; }}
QComboBox::drop-down {{ border: none; width: 22px; }}
QComboBox QAbstractItemView {{
  background: {theme.field}; border: 1px solid {theme.line};
  selection-background-color: {theme.wash}; selection-color: {theme.ink};
}}
QPushButton {{
  background: transparent; border: 1px solid {theme.quiet}; border-radius: 2px; padding: 6px 14px; color: {theme.ink};
}}
QPushButton:hover {{ background: {theme.wash}; }}
QPushButton:focus {{ border: 2px solid {theme.data}; padding: 5px 13px; }}
QPushButton:disabled {{ color: {theme.quiet}; border-color: {theme.line}; }}
QPushButton:checked {{ background: {theme.wash}; border: 2px solid {theme.ink}; padding: 5px 13px; font-weight: bold; }}
QPushButton[role="main"] {{
  background: {theme.act}; border: 2px solid {theme.act}; color: {theme.on_act};
  font-size: 16px; font-weight: bold; padding: 10px 22px;
}}
QPushButton[role="main"]:focus {{ border: 2px solid {theme.ink}; }}
QPushButton[role="main"]:disabled {{ background: {theme.wash}; border-color: {theme.wash}; color: {theme.quiet}; }}
QPushButton[role="choice"] {{ padding: 3px 9px; border-color: {theme.line}; color: {theme.quiet}; }}
QPushButton[role="choice"]:checked {{
  border: 1px solid {theme.ink}; color: {theme.ink}; padding: 3px 9px; font-weight: normal;
}}
QPushButton[role="card"] {{ border: none; border-left: 3px solid transparent; text-align: left;
  padding: 3px 8px; font-weight: bold; }}
QPushButton[role="card"]:checked {{ background: {theme.wash}; border: none; border-left: 3px solid {theme.ink};
  padding: 3px 8px; }}
QPushButton[role="card"]:focus {{ border: 2px solid {theme.data}; padding: 1px 7px; }}
QPushButton[role="choice"]:focus {{ border: 2px solid {theme.data}; padding: 2px 8px; }}
QPushButton[role="plain"] {{ border: none; text-align: left; padding: 6px 8px; color: {theme.data}; }}
QPushButton[role="plain"]:focus {{ border: 2px solid {theme.data}; padding: 4px 6px; }}
QFrame[role="sheet"] {{ background: {theme.sheet}; border: none; }}
QFrame[role="over"] {{ background: {theme.sheet}; border: 2px solid {theme.ink}; }}
QFrame[role="rail"] {{ background: {theme.wash}; border: none; }}
QFrame[role="foot"] {{ background: {theme.wash}; border: none; }}
QFrame[role="foot"] QLabel {{ font-size: 13px; color: {theme.ink}; }}
QFrame[role="trouble"] {{ background: {theme.sheet}; border: none; border-left: 5px solid {theme.act}; }}
QFrame[role="busy"] {{ background: {theme.sheet}; border: none; border-left: 5px solid {theme.data}; }}
QProgressBar {{ background: {theme.wash}; border: none; max-height: 8px; min-height: 8px; }}
QProgressBar::chunk {{ background: {theme.data}; }}
QListWidget::item {{ padding: 4px 6px; color: {theme.ink}; }}
QListWidget::item:selected {{ background: {theme.wash}; color: {theme.ink}; }}
QListView, QTableView, QTextBrowser {{ background: {theme.sheet}; border: none; outline: none; }}
QListView:focus, QTableView:focus, QTextBrowser:focus {{ border: 2px solid {theme.data}; }}
QTableView {{ gridline-color: {theme.line}; selection-background-color: {theme.wash}; selection-color: {theme.ink}; }}
QHeaderView::section {{
  background: {theme.sheet}; color: {theme.quiet}; border: none; border-bottom: 1px solid {theme.line};
  padding: 5px 6px; font-size: 13px;
}}
QScrollBar:vertical {{ background: transparent; width: 10px; }}
QScrollBar::handle:vertical {{ background: {theme.line}; min-height: 30px; }}
QScrollBar:horizontal {{ background: transparent; height: 10px; }}
QScrollBar::handle:horizontal {{ background: {theme.line}; min-width: 30px; }}
QScrollBar::add-line, QScrollBar::sub-line, QScrollBar::add-page, QScrollBar::sub-page {{
  background: none; border: none; height: 0; width: 0;
}}
QScrollArea {{ border: none; background: transparent; }}
"""
