"""The head of a job: its face, name, promises and complaint, and the cord of its stages."""

from __future__ import annotations

from collections.abc import Mapping
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from daruma.catalogue.loader import Catalogue
from daruma.core.job import Job, Stage, stages
from daruma.core.language import tr
from daruma.handover.cable import lasts
from daruma.ui.widgets.cord import Cord
from daruma.ui.widgets.faces import Face
from daruma.ui.widgets.help_strip import HelpStrip
from daruma.ui.widgets.notices import ElidedLabel, label

if TYPE_CHECKING:
    from daruma.bench.metering import Live


class Head(QWidget):
    """Show whose job is on view and how far it is."""

    def __init__(self) -> None:
        super().__init__()
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(6)
        top = QHBoxLayout()
        self.face = Face(40)
        self.title, self.subtitle = label("head", wrap=False), ElidedLabel("quiet")
        texts = QVBoxLayout()
        texts.setSpacing(0)
        texts.addWidget(self.title)
        texts.addWidget(self.subtitle)
        self.meter = QPushButton(tr("Cable meter"))
        self.meter.setObjectName("open_meter")
        self.meter.setToolTip(tr("What the charging cable says of the phone: live, recorded, from another meter's log"))
        top.addWidget(self.face)
        top.addLayout(texts, 1)
        self.help = HelpStrip()
        top.addWidget(self.help.button)
        top.addWidget(self.meter)
        column.addLayout(top)
        self.cord = Cord()
        column.addWidget(self.cord)
        column.addWidget(self.help)

    def show_job(self, job: Job, catalogue: Catalogue) -> None:
        """Show a job's name, promises and complaint."""
        proven = sum(job.is_proven(f) for f in job.ticket.promised)
        self.face.show_state(bool(job.ticket.promised), job.all_proven, job.name)
        system = f"{catalogue.system} {job.ticket.system}" if job.ticket.system else tr("System not known yet")
        self.title.setText(f"{catalogue.names.get(job.ticket.model, tr('New ticket'))}  {job.name}")
        promised = len(job.ticket.promised)
        promises = (
            tr("{proven} of {promised} promises proven", proven=proven, promised=promised)
            if promised
            else tr("Nothing promised yet")
        )
        practice = tr("Practice, with stand-ins. ") if job.standins else ""
        self.subtitle.setText(f"{practice}{system}. {promises}. {job.ticket.complaint}".strip())

    def show_recording(self, live: Live) -> None:
        """Show whether the meter in the charging cable records, for whichever job."""
        self.meter.setText(tr("Cable meter: recording {lasts}", lasts=lasts(live.seconds)) if live.job else tr("Cable meter"))

    def show_stages(self, job: Job, faults: Mapping[str, str], stage: Stage) -> None:
        """Show the stages and which of them is on view."""
        # what was tested can be handed over without every proof: the sheet says what does not come back
        self.help.show_for(stage.name.lower())
        also = frozenset({Stage.HAND_OVER}) if job.all_tested else frozenset[Stage]()
        self.cord.show_stages(stages(job, faults), stage, also)
