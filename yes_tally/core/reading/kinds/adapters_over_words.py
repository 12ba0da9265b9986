"""Adapters, each on a line that says how it is called, over deeper lines that tell more of it in words.

::

    [up]    Wired 1      Ternwave GE 210, copper, 1000 Mbit/s
            hw 02:4c:19:a0:33:7e   mtu 1500   dhcp on
            v4 10.44.8.21/24   gw 10.44.8.1
    "Landing air"   wireless, down, Ternwave AX 20, 02:4c:19:a0:33:7f
      address       none
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.reading.clauses.by_clause import by_form
from yes_tally.core.reading.clauses.field_forms import FORMS
from yes_tally.core.reading.clauses.told_in_parts import told_in_words
from yes_tally.core.reading.cutting.more_below_rows import labelled
from yes_tally.core.reading.drafts import Draft, Item
from yes_tally.core.reading.kinds.adapter_heads import adapter_head
from yes_tally.core.reading.kinds.adapters_again import DUPLEX
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.phrases import is_known, names_item
from yes_tally.core.reading.shapes.layout import MAX_LINE, Entry, cells_by_gap, commas_for_gaps, indent_of, under_heads
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import MODEL_OF_CARD
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

# ``[up]    ``, ``(down) ``
_STATE = re.compile(r"\s*[\[(](?P<state>[^\W\d_][^\[\]()]{0,20})[\])]\s+(?=\S)")
# ``adapter 1: ``, ``2. ``
_WHICH = re.compile(r"(?P<noun>(?:[^\W\d_]+ )?#?\d{1,2})[:.)]\s+(?=[^\W\d_])")
# ``Wired 1 (Ternwave GE 210)``
_BOTH_NAMES = re.compile(r"(?P<called>[^\W\d_][^()]*?) \((?P<model>[^\W\d_][^()]*\d[^()]*)\)$")
_MAC = re.compile(rf"\b{FORMS['adapter.mac'].pattern}\b", re.I)
_ADDRESS = re.compile(rf"{_MAC.pattern}|\b\d{{1,3}}(?:\.\d{{1,3}}){{3}}\b", re.I)
# What it is called, to where a mark or a gap ends it.
_CALLED = re.compile(r"(?P<name>[^\W\d_](?:[^,;:= ]| (?! ))*)(?P<mark>$|[,;:]\s+|\s{2,})")
_MODEL = re.compile(r"(?P<name>[A-Z][\w&.-]*(?: [\w&./+-]+)+)(?:$|,\s+|\s{2,})")
# ``"Landing air"   wireless``, ``Landing air: wireless``: what it is called, before words between commas.
_QUOTED = re.compile(r"[\"“„«](?P<name>[^\"“”„«»]{1,40})[\"”“»]:?\s+(?=\S)")
_BEFORE_WORDS = re.compile(r"(?P<name>[^\W\d_](?:[^,;:= ]| (?! ))*)(?::\s+|\s{2,})(?=\S)")
_PROPER = re.compile(rf"{MODEL_OF_CARD.pattern}|[A-Z][\w&.-]*(?: [A-Z][\w&.-]*)+")
_CLAUSE = re.compile(r"[^\s,][^,]*")
_MOST_LINES = 400


def adapters_over_words(
    interpreter: Interpreter, lines: Sequence[Line], around: Sequence[str], *, parted: bool
) -> bool:
    """Read a block as such adapters, where it was asked for them; of one that a shape could part (``parted``) the first
    line must begin with a state, or with a name before words and a hardware address between commas. Whether it was read;
    where a line is of another form, nothing is."""
    first = lines[0].text[:MAX_LINE]
    if parted and not _STATE.match(first) and not _called_before_words(first, indent_of(first)):
        return False
    if "adapter" not in around[:2] or not 1 < len(lines) <= _MOST_LINES:
        return False
    least = indent_of(lines[0].text)
    below = [line for line in lines if indent_of(line.text) > least]
    if any(indent_of(line.text) < least for line in lines) or not any(
        _ADDRESS.search(line.text[:MAX_LINE]) for line in below
    ):
        return False
    before, items = len(interpreter.drafts), list[Item]()
    left: list[FactKind] = []
    for line in lines:
        if line not in below:
            item = Item("adapter")
            left = [fact for fact in FIELDS["adapter"] if fact.field not in ("name", "connection")]
            if not _head(interpreter, line, item, left):
                break
            items.append(item)
        else:
            text = line.text[:MAX_LINE].rstrip()
            if not _one_pair(interpreter, line, text, items[-1]):
                _more(interpreter, line, text, indent_of(text), items[-1], left)
    else:
        for item in items:
            interpreter.take(item)
        return True
    del interpreter.drafts[before:]
    return False


def adapters_told_best(interpreter: Interpreter, lines: Sequence[Line], around: Sequence[str], before: int) -> None:
    """Read a block, of which the drafts from ``before`` on tell, as adapters whose first lines tell of them in parts, and
    keep that where it tells more, or of another number of cards and not much less."""
    start = interpreter.so_far()
    old = interpreter.drafts[before:]
    if not adapters_in_parts(interpreter, lines, around):
        return
    new = interpreter.drafts[start[0] :]
    named = sum(draft.fact == "adapter.name" for draft in new) == _cards(new)
    interpreter.back_to(start)
    if (_cards(old) != _cards(new) and 2 * _told(new) > _told(old)) or _told(new) + named > _told(old):
        interpreter.forget({line.number for line in lines})
        interpreter.drafts += new


def _cards(drafts: Sequence[Draft]) -> int:
    return len({id(draft.item) for draft in drafts if draft.item and draft.item.group == "adapter"})


def _told(drafts: Sequence[Draft]) -> int:
    """How many facts of adapters are told, but for their kind, which may be a word of what one is called."""
    of_adapters = [draft for draft in drafts if draft.item and draft.item.group == "adapter"]
    return len({(draft.fact, id(draft.item)) for draft in of_adapters if draft.fact != "adapter.kind"})


def adapters_in_parts(interpreter: Interpreter, lines: Sequence[Line], around: Sequence[str]) -> bool:
    """Read a block as adapters whose first lines tell in parts what they are called and how they are, over deeper lines
    each of which tells more. Whether it was read."""
    if "adapter" not in around[:2] or not 1 < len(lines) <= _MOST_LINES:
        return False
    cards = under_heads(lines)
    heads = [adapter_head(head.text[:MAX_LINE].rstrip()) for head, _ in cards]
    if (
        not cards
        or not all(below and _stand_even(below) for _, below in cards)
        or not any(_ADDRESS.search(line.text[:MAX_LINE]) for _, below in cards for line in below)
    ):
        return False
    before, told, lines_told = interpreter.so_far(), 0, 0
    items: list[Item] = []
    for (line, below), head in zip(cards, heads, strict=True):
        if head is None:
            break
        first = below[0]
        model = _model_alone(interpreter, first) if not head.models else None
        if not (head.state or head.kernel or head.quoted or model) or not (head.called or head.kernel or head.models):
            break
        item = Item("adapter")
        left = [fact for fact in FIELDS["adapter"] if fact.field not in ("name", "connection")]
        names = [(fact, part, line.number) for fact, part in head.names(model)]
        names += [("adapter.name", model, first.number)] if model else []
        for fact, (name, at), number in names:
            place = Entry("", name, number, at + 1)
            interpreter.place(place, "words", (Guess(fact, 0.82, "the line begins with what it is called"),), item)
        for text, at in (*head.state, *head.more):
            _more(interpreter, line, " " * at + text, at, item, left)
        if model:
            beside = model[1] + len(model[0])
            _more(interpreter, first, first.text[:MAX_LINE].rstrip(), beside, item, left)
        for more in below[1:] if model else below:
            already = len(interpreter.drafts)
            _tell_of(interpreter, more, item, left)
            told += len(interpreter.drafts) > already
            lines_told += 1
        items.append(item)
    else:
        if told * _OF_LINES >= lines_told * (_OF_LINES - 1) and told:
            for item in items:
                interpreter.take(item)
            return True
    interpreter.back_to(before)
    return False


_OF_LINES = 2


def _stand_even(below: Sequence[Line]) -> bool:
    """Whether no line stands deeper than the first: none goes on with the one above it."""
    return all(indent_of(line.text) == indent_of(below[0].text) for line in below)


_SAYS_MODEL = re.compile(
    r"(?:model|modell|modèle|modelo|modello|hardware|device|card|chip)(?:\s*:|\s)\s*(?=[A-Z])", re.I
)


def _model_alone(interpreter: Interpreter, line: Line) -> tuple[str, int] | None:
    """What a line says that is nothing but what a maker calls a card, maybe with more behind a comma, and its column from
    0; ``None`` for others."""
    text, start = line.text[:MAX_LINE].rstrip(), indent_of(line.text)
    label = _SAYS_MODEL.match(text, start)
    start = label.end() if label else start
    model = _MODEL.match(text, start)
    if model is None or is_known(text[start:].split()[0]) or not _PROPER.fullmatch(model["name"]):
        return None
    before = len(interpreter.drafts)
    told_in_words(interpreter, model["name"], line.number, start, "adapter", Item("adapter"), list(FIELDS["adapter"]))
    told = {draft.fact for draft in interpreter.drafts[before:]} - {
        "adapter.kind",
        "adapter.name",
        "adapter.connection",
    }
    del interpreter.drafts[before:]
    return None if told else (model["name"], start)


def _tell_of(interpreter: Interpreter, line: Line, item: Item, left: list[FactKind]) -> None:
    """Read a deeper line of an adapter: as a label with its value, or as words."""
    text = line.text[:MAX_LINE].rstrip()
    if pair := labelled(text):
        label, value, at = pair
        entry = Entry(label, value, line.number, at + 1)
        before = len(interpreter.drafts)
        interpreter.entries([entry], "pairs", interpreter.context("adapter", ("adapter",)), item)
        if len(interpreter.drafts) > before:
            told = {draft.fact for draft in interpreter.drafts[before:]}
            left[:] = [fact for fact in left if fact.name not in told]
            return
    _more(interpreter, line, text, indent_of(text), item, left)


def _head(interpreter: Interpreter, line: Line, item: Item, left: list[FactKind]) -> bool:
    """Read the line that an adapter begins with: its state, what it is called, and more of it. Whether it is one."""
    text, start = line.text[:MAX_LINE].rstrip(), indent_of(line.text)
    if state := _STATE.match(text):
        connected = FACTS["adapter.connected"]
        value = understand(connected, state["state"], interpreter.locale)
        if value is None:
            return False
        place = Entry("", state["state"], line.number, state.start("state") + 1)
        interpreter.add(connected.name, item, place, value, "words", 0.85, "the line begins with the state")
        left.remove(connected)
        start = state.end()
    elif before_words := _called_before_words(text, start):
        return _words_behind_name(interpreter, line, text, before_words, item, left)
    if (which := _WHICH.match(text, start)) and (which["noun"].isdigit() or names_item(which["noun"])):
        start = which.end()
    if not (called := _CALLED.match(text, start)) or (called["mark"] == ":" and not state and not which):
        return False
    both = _BOTH_NAMES.fullmatch(called["name"])
    parts = (
        [(both["called"], start), (both["model"], start + both.start("model"))] if both else [(called["name"], start)]
    )
    start = called.end()
    if not both and called["mark"].isspace() and (model := _MODEL.match(text, start)):
        before = len(interpreter.drafts)
        if told_in_words(interpreter, model["name"], line.number, start, "adapter", Item("adapter"), list(left)):
            del interpreter.drafts[before:]
        else:
            parts.append((model["name"], start))
            start = model.end()
    if not state and len(parts) == 1:
        return False  # nothing tells that it is not one word of many
    facts = ("adapter.connection", "adapter.name") if len(parts) > 1 else ("adapter.name",)
    for fact, (name, at) in zip(facts, parts, strict=True):
        place = Entry("", name, line.number, at + 1)
        interpreter.place(place, "words", (Guess(fact, 0.82, "the line begins with what it is called"),), item)
    _more(interpreter, line, text, start, item, left)
    return True


def _called_before_words(text: str, start: int) -> re.Match[str] | None:
    """What an adapter is called by people, where words between commas and its hardware address follow it."""
    called = _QUOTED.match(text, start) or _BEFORE_WORDS.match(text, start)
    if called is None or is_known(called["name"]):
        return None
    behind = text[called.end() :]
    return called if ", " in behind and _MAC.search(behind) else None


def _words_behind_name(
    interpreter: Interpreter, line: Line, text: str, called: re.Match[str], item: Item, left: list[FactKind]
) -> bool:
    """Read the line of an adapter that people call by a name: the one clause that is a model is what its maker calls it."""
    models = [
        clause
        for clause in _CLAUSE.finditer(text, called.end())
        if _PROPER.fullmatch(clause.group().rstrip()) and not by_form(interpreter, clause.group().rstrip(), left)
    ]
    parts = [("adapter.connection", called["name"], called.start("name"))]
    if len(models) == 1:
        model = models[0]
        parts.append(("adapter.name", model.group().rstrip(), model.start()))
        text = text[: model.start()] + "-".ljust(len(model.group())) + text[model.end() :]
    for fact, name, at in parts:
        place = Entry("", name, line.number, at + 1)
        interpreter.place(place, "words", (Guess(fact, 0.82, "the line begins with what it is called"),), item)
    _more(interpreter, line, text, called.end(), item, left)
    return True


def _one_pair(interpreter: Interpreter, line: Line, text: str, item: Item) -> bool:
    """``address    10.20.1.61/24  (dhcp from 10.20.1.2)``: a label of one pair, and all that stands behind it. Whether it
    told anything."""
    (label, _), *behind = cells_by_gap(text)
    if not 0 < len(behind) <= _VALUE_AND_ASIDE or not is_known(label) or (behind[1:] and behind[1][0][0] != "("):
        return False
    before, at = len(interpreter.drafts), behind[0][1]
    entry = Entry(label, text[at:], line.number, at + 1)
    interpreter.entries([entry], "pairs", interpreter.context("adapter"), item)
    return len(interpreter.drafts) > before


_VALUE_AND_ASIDE = 2


def _more(interpreter: Interpreter, line: Line, text: str, start: int, item: Item, left: list[FactKind]) -> None:
    """Read what a line tells of an adapter from the column ``start`` on."""
    told = commas_for_gaps(DUPLEX.sub(lambda said: " " * len(said.group()), text[start:]))
    told_in_words(interpreter, told, line.number, start, "adapter", item, left)
