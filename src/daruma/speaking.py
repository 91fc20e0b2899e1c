"""The user's language by Qt's means: translations as Qt compiles them, decimal marks as its locales have them."""

from functools import cache

from PySide6.QtCore import QCoreApplication, QLibraryInfo, QLocale, QTranslator

from daruma.core.language import speak, spoken
from daruma.languages import HERE, WRITTEN_IN

CONTEXT = "daruma"


def speak_in(code: str) -> None:
    """Say everything from here on in a language: texts from its file, numbers with its marks.

    Is called before other modules are loaded: many hold texts of their own. Without the file English is spoken.
    """
    texts = _translator(code)
    if texts is None:
        return

    @cache
    def lookup(text: str) -> str:
        return texts.translate(CONTEXT, text) or text

    locale = QLocale(code)
    QLocale.setDefault(locale)
    speak(code, lookup, locale.decimalPoint(), locale.groupSeparator())


def speak_as_qt(app: QCoreApplication) -> None:
    """Let Qt's own texts, such as those of its dialogs, be in the language that is spoken."""
    if spoken() == WRITTEN_IN:
        return
    for name in ("qtbase", "qt"):
        own = QTranslator(app)
        if own.load(f"{name}_{spoken()}", QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)):
            app.installTranslator(own)


@cache
def _translator(code: str) -> QTranslator | None:
    texts = QTranslator()
    return texts if texts.load(str(HERE / f"{code}.qm")) else None
