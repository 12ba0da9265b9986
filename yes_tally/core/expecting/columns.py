"""The facts of many assets side by side: a column a fact, so that one comparison is made for all of them at once.

Every table has one row an asset, or one row an item of an asset; ``owner`` says whose. Equal things told are kept once:
a column is an index into the distinct things told of its fact.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from yes_tally.core.quantity import Value

Ints = NDArray[np.int64]
Floats = NDArray[np.float64]
Flags = NDArray[np.bool_]
Clusters = tuple[Value, ...]
"""What is told of a fact: its value, or the values that witnesses disagree on."""

UNTOLD = -1
_MOMENT = "U19"  # 2026-11-23T15:51:07


@dataclass(frozen=True)
class Column:
    """A fact over the rows of a table. ``codes``: for each row the place in ``distinct`` of what is told, or ``UNTOLD``."""

    codes: Ints
    distinct: Sequence[Clusters]

    @cached_property
    def plain(self) -> Flags:
        """Which of ``distinct`` are one value without readings in doubt."""
        return np.array([len(told) == 1 and not told[0].others for told in self.distinct], dtype=bool)

    @cached_property
    def bounds(self) -> tuple[Floats, Floats]:
        """The lowest and the highest of each of ``distinct`` that is a number; NaN where it is none."""
        return self._numbers(lambda v: v.low), self._numbers(lambda v: v.high)

    @cached_property
    def middles(self) -> Floats:
        """The best single number of each of ``distinct``; NaN where it is none."""
        return self._numbers(lambda v: v.value)

    def _numbers(self, of: Callable[[Value], object]) -> Floats:
        told = (of(clusters[0]) for clusters in self.distinct)
        return np.array([float(x) if isinstance(x, (int, float)) else np.nan for x in told], dtype=np.float64)

    @cached_property
    def moments(self) -> tuple[NDArray[np.str_], NDArray[np.str_]]:
        """The earliest and the latest of each of ``distinct``, ISO 8601 to the second."""
        low = np.array([str(told[0].low) for told in self.distinct], dtype=_MOMENT)
        return low, np.array([str(told[0].high) for told in self.distinct], dtype=_MOMENT)

    def at(self, rows: Ints) -> Column:
        """The column with one row for each of ``rows``, itself a row of this one or ``UNTOLD``."""
        codes = np.where(rows == UNTOLD, UNTOLD, self.codes[rows] if len(self.codes) else UNTOLD)
        taken = Column(codes, self.distinct)
        for name in ("plain", "bounds", "middles", "moments"):
            if name in self.__dict__:
                taken.__dict__[name] = self.__dict__[name]
        return taken


@dataclass(frozen=True)
class Table:
    """The rows of the assets, or of one kind of item; ``owner`` is each row's asset, ascending."""

    group: str
    owner: Ints
    columns: Mapping[str, Column]

    def column(self, fact: str) -> Column:
        """The column of a fact; all untold where nobody told it."""
        return self.columns.get(fact) or Column(np.full(len(self.owner), UNTOLD), ())


@dataclass(frozen=True)
class Office:
    """Many assets: how many, a table of their single facts, and one for each kind of item, made when asked for."""

    assets: int
    single: Callable[[str], Column]
    items: Callable[[str], Table]
    _alone: dict[str, Column] = field(default_factory=dict)

    def only_one(self, fact: str, group: str) -> Column:
        """An item's field as a fact of the asset: where the asset has one item that tells it."""
        if fact not in self._alone:
            table = self.items(group)
            column = table.column(fact)
            told = np.flatnonzero(column.codes != UNTOLD)
            owners = table.owner[told]
            count = np.bincount(owners, minlength=self.assets)
            row = np.full(self.assets, UNTOLD)
            row[owners] = told
            row[count != 1] = UNTOLD
            self._alone[fact] = column.at(row)
        return self._alone[fact]
