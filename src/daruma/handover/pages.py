"""Both pages of a hand-over, made once and saved as HTML."""

from collections.abc import Iterator, Mapping, Sequence
from pathlib import Path

from msgspec import Struct

from daruma.catalogue.loader import Catalogue
from daruma.core.acts import Act
from daruma.core.backup import Backup
from daruma.core.colour.brightness import judge_brightness
from daruma.core.colour.coordinates import daylight_line
from daruma.core.colour.sheet import PanelSheet
from daruma.core.colour.temperature import locus_line
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.kinds.display.work import DisplayWork
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import Function
from daruma.core.pictures.brightness_plot import brightness_plot
from daruma.core.pictures.cable_trace import laid_over
from daruma.core.pictures.panel_picture import panel_picture
from daruma.core.pictures.primitives import Picture
from daruma.core.pictures.white_plot import Beside, white_plot
from daruma.core.plan.actions import Action
from daruma.core.power.played import Played
from daruma.core.shelf import ShelfPart
from daruma.core.white_proof import before_tuning, verdict_of
from daruma.handover.cable import sentence
from daruma.handover.letterhead import Letterhead
from daruma.handover.sheet import FITS, Audience, Fit, Sheet, make_sheet, render, template
from daruma.handover.svg import to_svg

PLOT_SIZE = (600.0, 360.0)


class Pages(Struct, frozen=True):
    """Hold a job's sheet and its plots, each with its title."""

    job: str
    sheet: Sheet
    plots: tuple[tuple[str, Picture], ...]

    def html(self, shop_file: bool, tags: Sequence[str], fit: Fit = FITS[0]) -> str:
        """Return one page; `tags` are the markup that shows each plot."""
        shown = tuple((title, tag) for (title, _), tag in zip(self.plots, tags, strict=True))
        return render(self.sheet, Audience.SHOP if shop_file else Audience.CUSTOMER, shown, fit)

    def save_html(self, folder: Path) -> tuple[Path, Path]:
        """Write both pages as self-contained HTML, whole or not at all; return the files."""
        tags = [to_svg(plot) for _, plot in self.plots]
        try:
            folder.mkdir(parents=True, exist_ok=True)
            files = folder / f"{self.job}-customer.html", folder / f"{self.job}-shop.html"
            for shop_file, path in zip((False, True), files, strict=True):
                spare = path.with_suffix(".part")
                spare.write_text(self.html(shop_file, tags), encoding="utf-8")
                spare.replace(path)
        except OSError as error:
            raise Trouble(
                tr("The pages could not be written to {folder}: {strerror}.", folder=folder, strerror=error.strerror),
                safe=tr("The job stays open, nothing of it is lost."),
                advice=tr("Check free space and rights of the folder, then try again."),
            ) from error
        return files


def make_pages(
    shop: Letterhead,
    job: Job,
    model: Model,
    catalogue: Catalogue,
    actions: Mapping[str, Action],
    backups: Sequence[Backup],
    acts: Sequence[Act],
    panel: PanelSheet | None,
    cable: Sequence[Played] = (),
    shelf: Sequence[ShelfPart] = (),
) -> Pages:
    """Gather a job's pages; `panel` is its panel sheet, where the panel was measured, `cable` the recordings to be drawn."""
    for audience in Audience:
        template(audience)  # compiled by whoever gathers the pages: a window that shows them has no time for it
    sheet = make_sheet(shop, job, model, catalogue.function_labels, catalogue.function_meaning, actions, backups, acts, shelf)
    return Pages(job.name, sheet, tuple(_plots(job, model, panel, cable)))


def _plots(job: Job, model: Model, panel: PanelSheet | None, cable: Sequence[Played]) -> Iterator[tuple[str, Picture]]:
    proof, measured = job.proof(Function.AMBIENT_WHITE), job.of(DisplayWork).measured
    if proof is not None and proof.readings:
        verdict = verdict_of(model.white, proof.readings, proof.uncertainty)
        beside = Beside(locus_line(), daylight_line(), before_tuning(job, model.white))
        yield tr("The white, measured"), white_plot(*PLOT_SIZE, model.white, verdict, beside)
    if job.proof(Function.AUTO_BRIGHTNESS) is not None and measured.levels:
        verdict_of_levels = judge_brightness(model.display, measured.levels, measured.luminance)
        picture = brightness_plot(*PLOT_SIZE, model.display, verdict_of_levels, measured.levels)
        yield tr("Luminance against the light in the room"), picture
    if cable:
        said = "; ".join(sentence(each.recording) for each in cable)
        yield (
            tr("On the charging cable") + (tr(", before and after") if len(cable) > 1 else ""),
            laid_over(*PLOT_SIZE, cable, said),
        )
    if panel is not None:
        yield tr("The panel, measured"), panel_picture(PLOT_SIZE[0], PLOT_SIZE[1] + 120, model.display, panel)
