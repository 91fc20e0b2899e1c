"""Pages on paper: a sheet's HTML to PDF and to the preview, with its plots as pictures."""

from collections.abc import Callable, Sequence
from pathlib import Path

from PySide6.QtCore import QBuffer, QByteArray, QIODevice, QMarginsF, QSize, QSizeF, Qt, QUrl
from PySide6.QtGui import QImage, QPageLayout, QPageSize, QPainter, QPdfWriter, QTextDocument

from daruma.core.errors import Trouble
from daruma.core.labels import Label
from daruma.core.language import tr
from daruma.core.pictures.label_picture import PER_MM, label_picture
from daruma.core.pictures.primitives import Picture
from daruma.handover.sheet import FITS, Fit
from daruma.ui.painting import draw
from daruma.ui.theme import PAPER, text_font

ON_SHEETS = ("70x37",)  # sizes of labels that come in sheets of A4
LABEL_DPI = 600
DPI = 96
PAPERS = {"a4": QPageSize.PageSizeId.A4, "letter": QPageSize.PageSizeId.Letter}
MARGINS = QMarginsF(16, 16, 16, 16)  # mm
SMALL = 420  # logical pixels of the one plot on the customer's page
WIDTH = 560  # logical pixels of a plot on paper


def plot_image(picture: Picture, scale: float = 2.0) -> QImage:
    """Return a picture on white."""
    image = QImage(QSize(int(picture.width * scale), int(picture.height * scale)), QImage.Format.Format_ARGB32)
    image.fill(Qt.GlobalColor.white)
    painter = QPainter(image)
    painter.scale(scale, scale)
    draw(painter, picture, PAPER)
    painter.end()
    return image


def png_of(picture: Picture) -> bytes:
    """Return a picture as a PNG at twice its size."""
    data = QByteArray()
    buffer = QBuffer(data)
    buffer.open(QIODevice.OpenModeFlag.WriteOnly)
    plot_image(picture).save(buffer, "PNG")  # type: ignore[call-overload]
    return bytes(data.data())


def write_picture(file: Path, data: bytes) -> None:
    """Write a picture's file, whole or not at all."""
    spare = file.with_name(file.name + ".part")
    try:
        spare.write_bytes(data)
        spare.replace(file)
    except OSError as error:
        spare.unlink(missing_ok=True)
        raise Trouble(
            tr("{file} cannot be written: {strerror}.", file=file.name, strerror=error.strerror),
            safe=tr("The measurement is kept."),
            advice=tr("Choose another place."),
        ) from error


def tags_of(plots: Sequence[Picture], width: int = WIDTH) -> list[str]:
    """Return the markup by which a document shows its plots."""
    heights = [round(width * plot.height / plot.width) for plot in plots]
    return [f'<img src="picture:{i}" width="{width}" height="{height}">' for i, height in enumerate(heights)]


def document(html: str, plots: Sequence[Picture]) -> QTextDocument:
    """Return a sheet as a document that Qt can show and print."""
    made = QTextDocument()
    made.setDefaultFont(text_font(14))
    for i, plot in enumerate(plots):
        made.addResource(QTextDocument.ResourceType.ImageResource.value, QUrl(f"picture:{i}"), plot_image(plot))
    made.setHtml(html)
    return made


def fitted(html: Callable[[Fit], str], plots: Sequence[Picture], paper: str) -> QTextDocument:
    """Return a page as a document of one sheet of paper: the type gets smaller and less is shown until it fits."""
    for fit in FITS:
        made = document(html(fit), plots)
        made.setPageSize(_room(paper))
        if made.pageCount() == 1:
            break
    return made


def _room(paper: str) -> QSizeF:
    """Return the size of a sheet without its margins, in pixels of 96 an inch."""
    layout = QPageLayout(QPageSize(PAPERS[paper]), QPageLayout.Orientation.Portrait, MARGINS, QPageLayout.Unit.Millimeter)
    return QSizeF(layout.paintRectPixels(DPI).size())


def write_pdf(made: QTextDocument, paper: str, path: Path) -> None:
    """Print a document to a PDF file, whole or not at all."""
    spare = path.with_suffix(".part")
    writer = QPdfWriter(str(spare))
    writer.setPageSize(QPageSize(PAPERS[paper]))
    writer.setPageMargins(MARGINS, QPageLayout.Unit.Millimeter)
    writer.setResolution(DPI)
    writer.setTitle(path.stem)
    # with a page size of its own the document fills the page; without one Qt adds margins inside the margins
    made.setPageSize(QSizeF(writer.width(), writer.height()))
    made.print_(writer)
    _settle(spare, path, tr("The job stays open."))


def write_labels(labels: Sequence[Label], size: str, path: Path) -> None:
    """Print labels to a PDF file, whole or not at all: one a page, or as many as a sheet of A4 holds."""
    width, height = (float(side) for side in size.split("x"))
    sheet = size in ON_SHEETS
    spare = path.with_suffix(".part")
    writer = QPdfWriter(str(spare))
    page = QPageSize(QPageSize.PageSizeId.A4) if sheet else QPageSize(QSizeF(width, height), QPageSize.Unit.Millimeter)
    writer.setPageSize(page)
    writer.setPageMargins(QMarginsF(0, 0, 0, 0), QPageLayout.Unit.Millimeter)
    writer.setResolution(LABEL_DPI)
    writer.setTitle(path.stem)
    painter = QPainter(writer)
    columns, rows = (round(210 // width), round(297 // height)) if sheet else (1, 1)
    left, top = ((210 - columns * width) / 2, (297 - rows * height) / 2) if sheet else (0.0, 0.0)
    dot = LABEL_DPI / 25.4
    for number, label in enumerate(labels):
        place = number % (columns * rows)
        if number and not place:
            writer.newPage()
        painter.save()
        painter.translate((left + place % columns * width) * dot, (top + place // columns * height) * dot)
        painter.scale(dot / PER_MM, dot / PER_MM)
        draw(painter, label_picture(label, width, height), PAPER)
        painter.restore()
    painter.end()
    _settle(spare, path, tr("Nothing else was changed."))


def _settle(spare: Path, path: Path, safe: str) -> None:
    if not spare.exists() or spare.stat().st_size == 0:
        raise Trouble(
            tr("{path} could not be written.", path=path.name), safe=safe, advice=tr("Check free space and rights of the folder.")
        )
    spare.replace(path)
