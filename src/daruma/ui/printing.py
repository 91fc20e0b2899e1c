"""Pages on paper: a sheet's HTML to PDF and to the preview, with the white plot as a picture."""

from pathlib import Path

from PySide6.QtCore import QMarginsF, QSize, QSizeF, Qt, QUrl
from PySide6.QtGui import QImage, QPageLayout, QPageSize, QPainter, QPdfWriter, QTextDocument

from daruma.core.errors import Trouble
from daruma.core.pictures.primitives import Picture
from daruma.ui.painting import draw
from daruma.ui.theme import PAPER, text_font

PLOT = QUrl("picture:white-plot")
PLOT_TAG = '<img src="picture:white-plot" width="560" height="336">'
PLOT_SIZE = (600.0, 360.0)


def plot_image(picture: Picture, scale: float = 2.0) -> QImage:
    """Return a picture on white."""
    image = QImage(QSize(int(picture.width * scale), int(picture.height * scale)), QImage.Format.Format_ARGB32)
    image.fill(Qt.GlobalColor.white)
    painter = QPainter(image)
    painter.scale(scale, scale)
    draw(painter, picture, PAPER)
    painter.end()
    return image


def document(html: str, plot: QImage | None) -> QTextDocument:
    """Return a sheet as a document that Qt can show and print."""
    made = QTextDocument()
    made.setDefaultFont(text_font(14))
    if plot is not None:
        made.addResource(QTextDocument.ResourceType.ImageResource.value, PLOT, plot)
    made.setHtml(html)
    return made


def write_pdf(html: str, plot: QImage | None, path: Path) -> None:
    """Print a sheet to a PDF file, whole or not at all."""
    spare = path.with_suffix(".part")
    writer = QPdfWriter(str(spare))
    writer.setPageSize(QPageSize(QPageSize.PageSizeId.A4))
    writer.setPageMargins(QMarginsF(16, 16, 16, 16), QPageLayout.Unit.Millimeter)
    writer.setResolution(96)
    writer.setTitle(path.stem)
    made = document(html, plot)
    # with a page size of its own the document fills the page; without one Qt adds margins inside the margins
    made.setPageSize(QSizeF(writer.width(), writer.height()))
    made.print_(writer)
    if not spare.exists() or spare.stat().st_size == 0:
        raise Trouble(
            f"{path.name} could not be written.", safe="The job stays open.", advice="Check free space and rights of the folder."
        )
    spare.replace(path)
