"""The text of a spec to its tree, with every mistake found at once: line, column, what was expected, the nearest word."""

from __future__ import annotations

import re
from dataclasses import replace
from functools import lru_cache
from pathlib import Path
from typing import Any

from lark import Lark, Token, Transformer, UnexpectedInput, v_args
from lark.exceptions import UnexpectedCharacters, UnexpectedEOF, UnexpectedToken, VisitError

from yes_tally.core.catalogue import FACTS, NUMBER_KINDS, FactKind
from yes_tally.core.expecting.comparisons import trouble_with
from yes_tally.core.expecting.contradictions import never_holds
from yes_tally.core.expecting.limits import Mistake, fact_named, field_named, item_named, limit_of, nearest_to
from yes_tally.core.expecting.terms import (
    All,
    Any_,
    Comparison,
    Counted,
    Expectation,
    Limit,
    Not,
    Quantified,
    Same,
    Spec,
    SpecError,
    SpecMistakes,
    Term,
)

APPLIES_BY = ("role", "site", "form", "tag")
MAX_LINES = 10_000
MAX_LINE = 4_000
MAX_MISTAKES = 100
_NAME_LINE = re.compile(r'spec\s+"([^"]+)"\s*$')
_FOR_LINE = re.compile(r"for\s+(\w+)\s+(.+?)\s*$")
_WORDS_OF_LANGUAGE = (
    "must should every some no where and or not because at least most above below is one of like matches contains within between "
    "after before known count same across today"
).split()
_TERMINALS = {
    "STRENGTH": "must or should", "FACT": "a fact such as memory.installed", "NAME": "an item or a field",
    "QUANTITY": "a quantity such as 16 GB", "STRING": "a text in quotes", "WORD": "a word", "TODAY": "today",
    "COLON": "“:”", "COMMA": "“,”", "$END": "the end of the line", "QUANTIFIER": "every, some or no", "LPAR": "“(”",
    "RPAR": "“)”", "SIGN": "“+” or “-”",
}  # fmt: skip

_ORDER_TESTS = frozenset({"at_least", "at_most", "above", "below", "between"})
_TEXT_KINDS = frozenset({"text", "version", "uuid", "mac", "ip", "list"})


@lru_cache(maxsize=1)
def _lark() -> Lark:
    grammar = Path(__file__).with_name("grammar.lark").read_text("utf-8")
    return Lark(grammar, start="expectation", parser="lalr", maybe_placeholders=True)


def parse_spec(text: str) -> Spec:
    """Parse a spec's text. Raises ``SpecMistakes`` with every mistake in it."""
    lines = text.splitlines()
    errors: list[SpecError] = []
    if len(lines) > MAX_LINES:
        raise SpecMistakes((SpecError(MAX_LINES + 1, 1, f"a spec has at most {MAX_LINES} lines"),))
    name, applies, expectations = "", dict[str, tuple[str, ...]](), list[Expectation]()
    for number, line in enumerate(lines, 1):
        if len(errors) >= MAX_MISTAKES:
            errors.append(SpecError(number, 1, f"after {MAX_MISTAKES} mistakes the rest was not looked at"))
            break
        try:
            body = _without_comment(_of_length(line, number))
            if not body.strip():
                continue
            if not name and not expectations:
                name = _name(body, number)
            elif body.lstrip().startswith("for "):
                key, words = _applies(body, number)
                applies[key] = applies.get(key, ()) + words
            else:
                expectations.append(parse_expectation(body, number))
        except SpecMistakes as mistakes:
            errors += mistakes.errors
            name = name or "?"
    if not name:
        errors.append(SpecError(1, 1, "a spec begins with its name", ('spec "Name"',)))
    if errors:
        raise SpecMistakes(tuple(errors))
    return Spec(name, applies, tuple(expectations))


def _of_length(line: str, number: int) -> str:
    if len(line) > MAX_LINE:
        message = f"this line is longer than {MAX_LINE} characters"
        raise SpecMistakes((SpecError(number, MAX_LINE + 1, message),))
    return line


def _without_comment(line: str) -> str:
    quoted = False
    for place, char in enumerate(line):
        if char == '"':
            quoted = not quoted
        elif char == "#" and not quoted:
            return line[:place]
    return line


def _name(line: str, number: int) -> str:
    match = _NAME_LINE.match(line.strip())
    if match is None:
        raise SpecMistakes((SpecError(number, 1, "a spec begins with its name", ('spec "Name"',)),))
    return match[1]


def _applies(line: str, number: int) -> tuple[str, tuple[str, ...]]:
    match = _FOR_LINE.match(line.strip())
    if match is None or match[1] not in APPLIES_BY:
        word = match[1] if match else ""
        nearest = nearest_to(word, APPLIES_BY)
        column = line.find(word) + 1 if word else 1
        raise SpecMistakes((SpecError(number, column, "it is not said whom the spec is for", APPLIES_BY, nearest),))
    return match[1], tuple(part.strip().strip('"') for part in match[2].split(","))


def parse_expectation(line: str, number: int = 1) -> Expectation:
    """Parse one expectation. Raises ``SpecMistakes``."""
    parsed = _parsed(line)
    if isinstance(parsed, SpecError):
        raise SpecMistakes((replace(parsed, line=number),))
    return replace(parsed, line=number)


# Of a spec that is being written, all lines but one are as they were.
@lru_cache(maxsize=32768)
def _parsed(line: str) -> Expectation | SpecError:
    try:
        parsed: Expectation = _Builder().transform(_lark().parse(line))
    except VisitError as error:
        cause = error.orig_exc
        if not isinstance(cause, Mistake):
            raise
        return SpecError(0, cause.column, cause.message, (), cause.nearest)
    except UnexpectedInput as error:
        return _syntax_error(error, line)
    except RecursionError:
        return SpecError(0, 1, "its brackets are nested too deeply")
    return replace(parsed, text=" ".join(line.split()))


def _syntax_error(error: UnexpectedInput, line: str) -> SpecError:
    column = max(1, getattr(error, "column", 1) or 1)
    if isinstance(error, UnexpectedEOF) or (isinstance(error, UnexpectedToken) and error.token.type == "$END"):
        column, word = len(line.rstrip()) + 1, ""
        message = "the line ends too early"
    else:
        match = re.match(r"[\w.]+|\S", line[column - 1 :])
        word = match.group() if match else ""
        message = f"“{word}” does not fit here"
    names = set(error.accepts or ()) | set(error.expected or ()) if isinstance(error, UnexpectedToken) else set()
    if isinstance(error, UnexpectedCharacters):
        names = set(error.allowed or ())
    expected = tuple(sorted(filter(None, {_in_words(name) for name in names})))
    words = [word for word in map(_in_words, names) if word.isalpha()] or _WORDS_OF_LANGUAGE
    nearest = nearest_to(word.casefold(), [*words, "must", "should"])
    return SpecError(0, column, message, expected, "" if nearest == word else nearest)


def _in_words(terminal: str) -> str:
    """A terminal of the grammar as a person writes it; nothing for a symbol, whose word is told too."""
    known = _TERMINALS.get(terminal)
    if known is None:
        written = _lark().get_terminal(terminal).pattern.value
        return str(written) if written.isalpha() else ""
    return known


@v_args(inline=True)
class _Builder(Transformer[Token, Any]):
    """Builds the tree bottom-up; a bare field waits as a pending comparison until its item is known."""

    def expectation(self, strength: Token, clause: Any, because: Token | None) -> Expectation:
        term = _resolve(clause, None)
        never = never_holds(term)
        if never:
            raise Mistake(strength, f"this can never hold: {never}")
        return Expectation(strength.value, term, because[1:-1] if because else "", 0, "")

    def disjunction(self, *parts: Any) -> Any:
        return Any_(tuple(parts))

    def conjunction(self, *parts: Any) -> Any:
        return All(tuple(parts))

    def negation(self, part: Any) -> Any:
        return Not(part)

    def quantified(self, quantifier: Token, group: Token, where: Any, then: Any) -> Any:
        item = item_named(group)
        if quantifier == "every" and then is None:
            raise Mistake(group, f"it is not said what every {item} must be: write it after “:”")
        return Quantified(
            quantifier.value,
            item,
            None if where is None else _resolve(where, item),
            None if then is None else _resolve(then, item),
        )

    def counted(self, group: Token, where: Any, test: Any) -> Any:
        item = item_named(group)
        name, limits = test
        found = tuple(limit_of(limit, FACTS["memory.slots"], None) for limit in limits)
        return Counted(item, None if where is None else _resolve(where, item), name, found)

    def same(self, field: Token, group: Token) -> Any:
        item = item_named(group)
        return Same(field_named(field, item).name, item)

    def comparison(self, subject: Token, test: Any) -> Any:
        return _Pending(subject, *test)

    def subject(self, name: Token) -> Token:
        return name

    def limits(self, *limits: Any) -> tuple[Any, ...]:
        return limits


def _test(name: str) -> Any:
    def build(self: _Builder, *limits: Any) -> tuple[str, tuple[Any, ...]]:
        flat = limits[0] if limits and isinstance(limits[0], tuple) and not isinstance(limits[0], _RawLimit) else limits
        return name, tuple(flat)

    return v_args(inline=True)(build)


class _RawLimit(tuple[str, Any]):
    """A limit as parsed: its form and its tokens, before its fact is known."""


def _raw(form: str) -> Any:
    def build(self: _Builder, *tokens: Any) -> _RawLimit:
        return _RawLimit((form, tokens))

    return v_args(inline=True)(build)


for _name_of_test in (
    "at_least", "at_most", "above", "below", "after", "before", "is_known", "is_one_of", "is_not_one_of", "is_not",
    "is", "like", "contains", "within", "between", "matches",
):  # fmt: skip
    setattr(_Builder, _name_of_test, _test(_name_of_test))
for _form in ("text", "share_of", "product", "quantity", "today", "word"):
    setattr(_Builder, _form, _raw(_form))


class _Pending:
    """A comparison whose subject is not resolved yet."""

    def __init__(self, subject: Token, test: str, limits: tuple[Any, ...]) -> None:
        self.subject, self.test, self.limits = subject, test, limits


def _resolve(node: Any, item: str | None) -> Term:
    if isinstance(node, _Pending):
        return _comparison(node, item)
    if isinstance(node, All):
        return All(tuple(_resolve(part, item) for part in node.parts))
    if isinstance(node, Any_):
        return Any_(tuple(_resolve(part, item) for part in node.parts))
    if isinstance(node, Not):
        return Not(_resolve(node.part, item))
    term: Term = node
    return term


def _comparison(pending: _Pending, item: str | None) -> Comparison:
    fact = fact_named(pending.subject, item)
    if pending.test in _ORDER_TESTS and fact.kind not in NUMBER_KINDS | {"version", "moment"}:
        raise Mistake(pending.subject, f"{fact.name} is a {fact.kind}; it has no more or less")
    if pending.test in ("after", "before") and fact.kind != "moment":
        raise Mistake(pending.subject, f"{fact.name} is a {fact.kind}, not a moment")
    limits = tuple(limit_of(raw, fact, item) for raw in pending.limits)
    if pending.test == "matches":
        _regular(pending, fact, limits[0])
    return Comparison(fact.name, pending.test, limits)


def _regular(pending: _Pending, fact: FactKind, limit: Limit) -> None:
    token = pending.limits[0][1][0]
    if fact.kind not in _TEXT_KINDS or pending.limits[0][0] != "text":
        raise Mistake(token, f"{fact.name} cannot be matched: a regular expression, in quotes, is for texts")
    trouble = trouble_with(limit.text)
    if trouble:
        raise Mistake(token, f"this is no regular expression: {trouble}")
