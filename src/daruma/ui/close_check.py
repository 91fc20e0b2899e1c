"""Whether the window may close: an act that is under way and what cannot be kept are each said once before it does."""

from __future__ import annotations

from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.ui.desk import Desk


class CloseCheck:
    """Say once for each act and each mistake why the window should not be closed now."""

    def __init__(self, desk: Desk) -> None:
        self._desk = desk
        self._said: list[object] = []

    def trouble(self) -> Trouble | None:
        """Keep what is typed; return why the window should stay open, None where it may close or that was said before."""
        return self._act() or self._typed()

    def _act(self) -> Trouble | None:
        act = self._desk.bench.current
        if act is None or not act.is_act:
            return None
        said = tr("The bench is in the middle of this: {name}.", name=act.name)
        advice = tr("Wait until it is finished, then close. Closing again leaves it half-way, to be settled later.")
        return self._once(act, Trouble(said, safe=tr("It goes on."), advice=advice))

    def _typed(self) -> Trouble | None:
        try:
            self._desk.keep_all()
        except Trouble as trouble:
            advice = tr("Mend it, or close again to leave without what was typed last.")
            return self._once(trouble.what, Trouble(trouble.what, safe=trouble.safe, advice=advice))
        return None

    def _once(self, reason: object, trouble: Trouble) -> Trouble | None:
        if reason in self._said:
            return None
        self._said.append(reason)
        return trouble
