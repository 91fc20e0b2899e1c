"""The shelf of a replaced store, by the parts' dies."""

from sqlalchemy import select

from daruma.core.language import tr
from daruma.core.shelf import ShelfPart
from daruma.core.shelf_versions import differing, merged, with_count_of
from daruma.store.bodies import shelf_part_of
from daruma.store.jobs import put_shelf
from daruma.store.merge.context import Merge
from daruma.store.old_rows import each_row, text_of
from daruma.store.schema import shelf

SAVES = "saves of the shelf"


class ShelfMerge(Merge):
    """Carry parts over; `is_later` and `is_earlier` say whether the replaced store's shelf is known to be that."""

    is_later: bool = False
    is_earlier: bool = False

    def all(self) -> None:
        """Merge parts by their dies; where one shelf is known to be later its version stands. Counts never fall."""
        mine = {row["die"]: shelf_part_of(row) for row in self.new.execute(select(shelf)).mappings()}
        for number, row in each_row(self.old, "shelf", shelf.columns.keys()):
            theirs = shelf_part_of(row) if row is not None else None
            if row is None or theirs is None:
                name = text_of(row["die"]) if row is not None else number
                self.carried.lose(SAVES, tr("part {name} of the shelf is damaged in the replaced store", name=name))
                continue
            part = mine.get(row["die"])
            if part is None:
                put_shelf(self.new, theirs)
            elif part != theirs:
                self._shelf_part(part, theirs)

    def _shelf_part(self, mine: ShelfPart, theirs: ShelfPart) -> None:
        if self.is_earlier:
            stands = with_count_of(mine, theirs)
        else:
            stands = with_count_of(theirs, mine) if self.is_later else merged(theirs, mine)
        names = differing(mine, theirs)
        said = ", ".join(f"{name} {getattr(theirs, name)!r} / {getattr(mine, name)!r}" for name in names)
        self.carried.differs.append(
            tr(
                "part {die} of the shelf (replaced store / copy): {said}; kept: {kept}",
                die=mine.die,
                said=said,
                kept=", ".join(f"{getattr(stands, name)!r}" for name in names),
            )
        )
        if stands != mine:
            put_shelf(self.new, stands)
