"""Both pages of a hand-over, made once and saved as HTML."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from pathlib import Path

from daruma.catalogue.loader import Catalogue
from daruma.core.acts import Act
from daruma.core.backup import Backup
from daruma.core.colour.temperature import locus_line
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.model import Model
from daruma.core.parts import Function
from daruma.core.pictures.primitives import Picture
from daruma.core.pictures.white_plot import white_plot
from daruma.core.plan.actions import Action
from daruma.core.white_proof import verdict_of
from daruma.handover.sheet import Audience, Sheet, make_sheet, render
from daruma.handover.svg import to_svg

PLOT_SIZE = (600.0, 360.0)


@dataclass(frozen=True, slots=True)
class Pages:
    """Hold a job's sheet and its plot."""

    job: str
    sheet: Sheet
    plot: Picture | None

    def html(self, shop_file: bool, plot: str) -> str:
        """Return one page; `plot` is the markup that shows the white plot."""
        return render(self.sheet, Audience.SHOP if shop_file else Audience.CUSTOMER, plot)

    def save_html(self, folder: Path) -> tuple[Path, Path]:
        """Write both pages as self-contained HTML, whole or not at all; return the files."""
        plot = to_svg(self.plot) if self.plot else ""
        try:
            folder.mkdir(parents=True, exist_ok=True)
            files = folder / f"{self.job}-customer.html", folder / f"{self.job}-shop.html"
            for shop_file, path in zip((False, True), files, strict=True):
                spare = path.with_suffix(".part")
                spare.write_text(self.html(shop_file, plot), encoding="utf-8")
                spare.replace(path)
        except OSError as error:
            raise Trouble(
                f"The pages could not be written to {folder}: {error.strerror}.",
                safe="The job stays open, nothing of it is lost.",
                advice="Check free space and rights of the folder, then try again.",
            ) from error
        return files


def make_pages(
    shop: str,
    job: Job,
    model: Model,
    catalogue: Catalogue,
    actions: Mapping[str, Action],
    backup: Backup | None,
    acts: Sequence[Act],
) -> Pages:
    """Gather a job's pages."""
    sheet = make_sheet(shop, job, model, catalogue.function_labels, catalogue.function_meaning, actions, backup, acts)
    proof = job.proof(Function.AMBIENT_WHITE)
    if proof is None or not proof.readings:
        return Pages(job.name, sheet, None)
    verdict = verdict_of(model.white, proof.readings, proof.uncertainty)
    return Pages(job.name, sheet, white_plot(*PLOT_SIZE, model.white, verdict, locus_line()))
