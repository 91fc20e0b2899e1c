"""Acts and settlements of a replaced store, by what they are."""

from sqlalchemy import func, select

from daruma.core.language import tr
from daruma.store.digests import ACT, SETTLEMENT, is_whole
from daruma.store.journal import add_act, add_settlement
from daruma.store.merge.context import Merge
from daruma.store.old_rows import each_row
from daruma.store.schema import acts, doubts, settlements


class JournalMerge(Merge):
    """Carry acts and settlements over."""

    def all(self) -> None:
        """Merge both."""
        self._acts()
        self._settlements()

    def _acts(self) -> None:
        there = set(self.new.execute(select(acts.c.uid)).scalars())
        for number, row in each_row(self.old, "acts", acts.columns.keys()):
            if row is None or not is_whole(ACT, row, row["sha256"]):
                self.carried.lost.append(tr("act {number} is damaged in the replaced store; it counts on", number=number))
                # where the copy has it, nothing is missing
                self.carried.gone["acts"] += row is None or row["uid"] not in there
            elif row["uid"] not in there:
                add_act(self.new, {name: row[name] for name in ACT}, self._free(number))
                self.carried.acts += 1

    def _free(self, number: int) -> int | None:
        """Return an act's own number where it comes next, None where it has to take another one."""
        last = int(self.new.execute(select(func.coalesce(func.max(acts.c.number), 0))).scalar_one())
        return number if number == last + 1 else None

    def _settlements(self) -> None:
        numbers = {row.uid: row.number for row in self.new.execute(select(acts.c.uid, acts.c.number))}
        uids = {number: row["uid"] for number, row in each_row(self.old, "acts", ["number", "uid"]) if row is not None}
        told = [settlements.c[name] for name in SETTLEMENT]
        there = {tuple(row) for row in self.new.execute(select(*told))}
        for number, row in each_row(self.old, "settlements", settlements.columns.keys()):
            act = numbers.get(uids.get(row["act"], "")) if row is not None else None
            if row is None or act is None or not is_whole(SETTLEMENT, row, row["sha256"]):
                self.carried.lose(
                    "settlements", tr("the settlement {number} in the replaced store is damaged, or its act is", number=number)
                )
                continue
            values = {**{name: row[name] for name in SETTLEMENT}, "act": act}
            if tuple(values[name] for name in SETTLEMENT) in there:
                continue
            if self.new.execute(select(doubts.c.act).where(doubts.c.act == act)).first() is None:
                self.carried.differs.append(
                    tr("act {act} is settled otherwise in the copy: {row} here", act=act, row=row["state"])
                )
                continue
            add_settlement(self.new, values)
