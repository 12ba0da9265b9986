"""Whether a line over rows is their head: labels, and neither a row nor a pair nor what is said of one of the rows."""

from __future__ import annotations

import re
from collections.abc import Sequence

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.meaning.labels import split_unit
from yes_tally.core.reading.phrases import is_known, is_likely, meanings, names_item
from yes_tally.core.reading.shapes.layout import cells_by_gap
from yes_tally.core.words import choice_named, flag_of

MAX_HEAD = 600
"""No head of columns is as wide."""
# A number, or words with a mark of a pair or of a sentence in them, head no column.
_NO_LABEL = re.compile(
    r"^[\d.,:]+%?$|^[*\"“„«]|^\d{1,4}[-/.]\d\d?[-/.]\d{2,4}\b|[,;=:]$|(?<!\bno)(?<!nr)(?<!\b\w{3})(?<!\b\w{4})\.$|: |^[:=]|^[-–—](?: |$)|^\{|^[a-z]:\\",
    re.I,
)
_PAIR = 2
_LEAST_KNOWN, _KNOWN_IN_CAPITALS = 2, 4


def is_head(labels: Sequence[str], header: str, rows: Sequence[str], above: Sequence[str]) -> bool:
    """Whether the labels that a line is cut into head the rows below it; ``above`` are the lines before it."""
    return _are_labels(labels, header) and not (
        _is_one_of_pairs(labels, header, rows, above)
        or any(_begins_alike(text, header) for text in (rows if labels[0] else ()))
        or (len(rows) > 1 and len(labels) > _PAIR and _is_turned(labels, rows))
    )


def _are_labels(labels: Sequence[str], header: str) -> bool:
    """Whether most of the labels are known, and none of them is what a row or a pair says."""
    known = sum(is_likely(label) and not names_item(label) for label in labels if label)
    named = sum(map(bool, labels))
    return not (
        known < _LEAST_KNOWN
        or (known * 2 < named and not (known >= _KNOWN_IN_CAPITALS and header.isupper()))
        or any(label in ("[", "]") for label in labels)
        or _tells_whether(labels)
        or (not is_known(labels[0]) and sum(label.casefold() in _SO for label in labels) > (not labels[0]))
        or any(_NO_LABEL.search(label) and not _is_short(label) for label in labels if label)
        or (len(labels) == _PAIR and _is_pair(*labels))
    )


def _is_one_of_pairs(labels: Sequence[str], header: str, rows: Sequence[str], above: Sequence[str]) -> bool:
    """Whether two labels are a pair: below rows like those that follow, of a label that comes again, or over labels."""
    if len(labels) != _PAIR:
        return False
    firsts = [cells[0][0] for text in rows if (cells := cells_by_gap(text))]
    return (
        any(_starts(text) == _starts(header) for text in above)
        or (bool(labels[0]) and labels[0].casefold() in map(str.casefold, firsts))
        or sum(map(is_known, firsts)) * 2 > len(rows)
    )


def _starts(text: str) -> list[int]:
    """Where the cells of a line begin."""
    return [start for _, start in cells_by_gap(text[:MAX_HEAD])]


def _begins_alike(row: str, header: str) -> bool:
    """Whether a row begins with the head's first cell and goes on otherwise: a pair of one record and of the next."""
    cells, head = cells_by_gap(row), cells_by_gap(header)
    return cells[:1] == head[:1] and is_known(head[0][0]) and cells[1:] != head[1:]


def _is_turned(labels: Sequence[str], rows: Sequence[str]) -> bool:
    """Whether what stands on the left of the rows and of their head are labels, and most of what else the head says is
    none: a table whose fields stand down its side."""
    firsts = [cells[0][0].rstrip(" :.") for text in rows if (cells := cells_by_gap(text[:MAX_HEAD]))]
    others = [label for label in labels[1:] if label]
    return (
        bool(labels[0])
        and is_known(labels[0])
        and not names_item(labels[0])
        and sum(map(is_known, firsts)) * 5 >= 4 * len(firsts)
        and len(set(firsts)) == len(firsts)
        and sum(map(is_known, others)) * 2 <= len(others)
    )


def _is_pair(label: str, cell: str) -> bool:
    """Whether two cells are a label and one of the words that it may be told in (``State   ON``), and no head."""
    if choice_named("records", FACTS["policy.records"].choices, cell):
        return True  # ``Sign-in / Sign-out   success and failure``
    facts = [FACTS[meaning.phrase.fact] for meaning in meanings(split_unit(label)[0])]
    if any(fact.kind == "flag" for fact in facts) and flag_of(cell) is not None:
        return True
    return any(fact.kind == "choice" and choice_named(fact.field, fact.choices, cell) for fact in facts)


# Where the first label is none either, these are what a row says; over a first column without a label, one may be a label.
_SO = frozenset((
    "on off yes no ja nein oui non sí si no sim não sì nee tak nie aan uit an aus true false working disabled enabled healthy funktioniert deaktiviert "
    "aktiviert fonctionne désactivé désactivée activé activée funciona desactivado desactivada activado activada desativado desativada ativado ativada "
    "funziona funzionante disattivato disattivata attivato attivata werkt uitgeschakeld ingeschakeld działa wyłączony wyłączona wyłączone włączony włączona włączone"
).split())  # fmt: skip


def _tells_whether(labels: Sequence[str]) -> bool:
    """Whether one word says of several things whether it is so (``guard   on   on   off``): a row, and no head."""
    return any(labels.count(label) > 1 and flag_of(label) is not None for label in labels)


def _is_short(label: str) -> bool:
    """Whether a label is one word cut short: ``Prot.``"""
    return label.endswith(".") and label[:-1].isalpha() and len(label) <= _SHORT


_SHORT = 8
