"""The views, each built when it is first looked at: what a job does not need yet costs no start-up."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QStackedWidget

from daruma.core.job import Stage
from daruma.ui.desk import Desk
from daruma.ui.views.base import StageView

if TYPE_CHECKING:
    from daruma.ui.views.bench import BenchView
    from daruma.ui.views.handover import HandOverView
    from daruma.ui.views.intake import IntakeView
    from daruma.ui.views.meter_page import MeterPage
    from daruma.ui.views.plan import PlanView
    from daruma.ui.views.proof import ProofView
    from daruma.ui.views.shop import ShopView


class Views:
    """Build views on demand, put them into the stack and hand them out by stage."""

    def __init__(self, desk: Desk, stack: QStackedWidget, go_plan: Callable[[], None], leave: Callable[[], None]) -> None:
        self._desk, self._stack = desk, stack
        self._go_plan, self._leave = go_plan, leave
        self._made: dict[Stage, StageView] = {}
        self._shop: ShopView | None = None
        self._meter: MeterPage | None = None

    def __getitem__(self, stage: Stage) -> StageView:
        if stage not in self._made:
            view = self._build(stage)
            self._made[stage] = view
            self._stack.addWidget(view)
        return self._made[stage]

    def __iter__(self) -> Iterator[StageView]:
        """Give the views that are built already."""
        return iter(tuple(self._made.values()))

    @property
    def shop(self) -> ShopView:
        """Return the shop's pages."""
        if self._shop is None:
            from daruma.ui.views.shop import ShopView

            self._shop = ShopView(self._desk, self._leave)
            self._shop.ticket_wanted.connect(self._first_ticket)
            self._stack.addWidget(self._shop)
        return self._shop

    def _first_ticket(self) -> None:
        self._desk.new_job()
        self._leave()

    @property
    def meter(self) -> MeterPage:
        """Return the page of the meter in the charging cable."""
        if self._meter is None:
            from daruma.ui.views.meter_page import MeterPage

            self._meter = MeterPage(self._desk, self._leave)
            self._stack.addWidget(self._meter)
            self._stack.currentChanged.connect(self._watch_meter)
        return self._meter

    def _watch_meter(self, _: int) -> None:
        if self._meter is not None:
            self._meter.set_shown(self.meter_is_shown)

    @property
    def meter_is_shown(self) -> bool:
        """Return whether the meter is on view."""
        return self._meter is not None and self._stack.currentWidget() is self._meter

    @property
    def shop_is_shown(self) -> bool:
        """Return whether the shop is on view."""
        return self._shop is not None and self._stack.currentWidget() is self._shop

    def _build(self, stage: Stage) -> StageView:
        match stage:
            case Stage.INTAKE:
                return self._intake()
            case Stage.PLAN:
                return self._plan()
            case Stage.BENCH:
                return self._bench()
            case Stage.PROOF:
                return self._proof()
            case Stage.HAND_OVER:
                return self._hand_over()

    def _intake(self) -> IntakeView:
        from daruma.ui.views.intake import IntakeView

        view = IntakeView(self._desk)
        view.on_plan(self._go_plan)
        return view

    def _plan(self) -> PlanView:
        from daruma.ui.views.plan import PlanView

        return PlanView(self._desk)

    def _bench(self) -> BenchView:
        from daruma.ui.views.bench import BenchView

        return BenchView(self._desk)

    def _proof(self) -> ProofView:
        from daruma.ui.views.proof import ProofView

        return ProofView(self._desk)

    def _hand_over(self) -> HandOverView:
        from daruma.ui.views.handover import HandOverView

        return HandOverView(self._desk)
