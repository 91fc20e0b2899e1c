"""The use cases of planning: a job's case, its plan and what-ifs, choosing a way, the actions behind its steps."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING

from msgspec.structs import replace

from daruma.bench import settling
from daruma.bench.context import Context
from daruma.bench.doing import Doing, HandsLike
from daruma.bench.kinds import room, rooms
from daruma.bench.planning import bare_case, case_of, with_route
from daruma.bench.rig import Rig
from daruma.bench.shelving import settle_shelf
from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.kinds import promisable
from daruma.core.language import tr
from daruma.core.plan.actions import Action, ActionFigures
from daruma.core.plan.case import Case
from daruma.core.plan.money import Preferences
from daruma.core.plan.routes import Route
from daruma.core.plan.setting import all_actions
from daruma.store.settings import save_settings
from daruma.store.shop import Shop

# the planner itself is loaded when something is planned: a job is shown before
if TYPE_CHECKING:
    from daruma.core.plan.explain import Source
    from daruma.core.plan.knowing import Worth
    from daruma.core.plan.planner import Plan, Told
    from daruma.core.plan.solution import Solution


class Planned(Doing):
    """Plan jobs."""

    def __init__(self, rig: Rig, shop: Shop, catalogue: Catalogue, hands: HandsLike | None = None) -> None:
        super().__init__(rig, shop, catalogue, hands)
        self.own_models: Path | None = None
        self._solution: Solution | None = None
        self._made: dict[str, tuple[Case, dict[str, Action]]] = {}

    def renew(self) -> None:
        """Read the catalogue anew: a model of the shop's own was changed."""
        self.catalogue = load_catalogue(self.own_models)
        self._solution, self._made = None, {}

    def case(self, job: Job) -> Case:
        """Return the planner's case of a job, from where its steps have brought it."""
        return case_of(self, job)

    def plan(self, job: Job) -> Plan:
        """Return the ways still open and the closed ones."""
        from daruma.core.plan.planner import make_plan

        return make_plan(self.case(job), self.catalogue.figures)

    def solve(
        self,
        job: Job,
        changes: Sequence[tuple[str, str]] = (),
        context: Context | None = None,
        told: Told | None = None,
    ) -> Solution:
        """Solve a job's plan as things are and, with changes, as they would be; what was asked of another job is left out.

        A first answer is `told` where the rest takes longer. Raises Cancelled where the context says so meanwhile.
        """
        from daruma.core.plan.planner import unheard
        from daruma.core.plan.solution import solve
        from daruma.core.plan.whatif import those_that_apply

        checkpoint = (context or Context()).checkpoint
        case = self.case(job)
        asked = those_that_apply(case, changes)
        self._solution = solve(case, self.catalogue.figures, asked, self._solution, checkpoint, told or unheard)
        return self._solution

    def worth_knowing(self, solution: Solution, context: Context | None = None) -> tuple[Worth, ...]:
        """Return what would be worth knowing before anything is done; raises Cancelled where the context says so meanwhile."""
        from daruma.core.plan.knowing import worth_knowing

        return worth_knowing(solution.case, self.catalogue.figures, (context or Context()).checkpoint, solution.plan)

    def explain(self, case: Case, route: Route) -> tuple[Source, ...]:
        """Return where every number of a route comes from."""
        from daruma.core.plan.explain import explain

        return explain(case, route, {f.value: label for f, label in self.catalogue.function_labels.items()})

    def prefer(self, preferences: Preferences) -> None:
        """Keep what the shop prefers."""
        save_settings(self.shop.folder, self.settings().preferring(preferences))

    def choose(self, job: Job, route: Route, context: Context, planned: Case | None = None) -> Job:
        """Make the run sheet of a route; raise Trouble where the job is not any more what it was `planned` for."""
        settling.refuse_past_doubt(self.shop, job)
        case = self.case(job)
        if planned is not None and planned != case:
            raise Trouble(
                tr("The job, or what is known for it, has changed since these ways were planned."),
                safe=tr("No run sheet was made."),
                advice=tr("They are planned anew: look at them once more, then take one."),
            )
        chosen = self.save(with_route(job, route, case), context)
        settle_shelf(self.shop, chosen)
        return chosen

    def actions(self, job: Job) -> dict[str, Action]:
        """Return every action of the job by key, from the ticket alone: asks neither store nor device.

        A step of the run sheet that does not follow from today's ticket any more is there as a hand act without effect.
        """
        return {**{step.action: _stale(step.action, self.catalogue) for step in job.steps}, **self.of_ticket(job)}

    def of_ticket(self, job: Job) -> dict[str, Action]:
        """Return every action that follows from the ticket as it is now, by key."""
        # an owner not asked yet, whatever a part may turn out to be: the steps for that are among them
        case = bare_case(job, self.model(job), self.catalogue)
        parts = {kind: room(kind).at_most(facts) for kind, facts in case.parts.items()}
        case = replace(case, parts=parts, promised=promisable(), trusted=False)
        made = self._made.get(case.model.key)
        if made is None or made[0] != case:
            # asked at each look at the bench; tickets of a model ask mostly for the same
            actions = (*all_actions(case, self.catalogue.figures), *(a for each in rooms() for a in each.besides(self.catalogue)))
            made = self._made[case.model.key] = (case, {action.key: action for action in reversed(actions)})
        return made[1]


def _stale(key: str, catalogue: Catalogue) -> Action:
    figures = catalogue.figures.get(key) or ActionFigures(key.replace("_", " ").capitalize(), 0.0)
    return Action(key, figures, (), {})
