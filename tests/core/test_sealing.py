"""Canonical JSON as RFC 8785 has it, and a chain in which every change shows."""

import json
import math
import struct
import unittest
from dataclasses import replace

from hypothesis import given
from hypothesis import strategies as st

from yes_tally.core.sealing import GENESIS, NotCanonical, canonical, first_flaw, seal, sha256_of


class CanonicalJson(unittest.TestCase):
    # RFC 8785, appendix B: the bits of a number and how it is printed
    NUMBERS = (
        ("0000000000000000", "0"), ("8000000000000000", "0"), ("0000000000000001", "5e-324"), ("7fefffffffffffff", "1.7976931348623157e+308"),
        ("4340000000000000", "9007199254740992"), ("4430000000000000", "295147905179352830000"), ("44b52d02c7e14af5", "9.999999999999997e+22"),
        ("44b52d02c7e14af6", "1e+23"), ("444b1ae4d6e2ef4e", "999999999999999700000"), ("444b1ae4d6e2ef50", "1e+21"),
        ("3eb0c6f7a0b5ed8c", "9.999999999999997e-7"), ("3eb0c6f7a0b5ed8d", "0.000001"), ("41b3de4355555553", "333333333.3333332"),
        ("41b3de4355555555", "333333333.3333333"), ("becbf647612f3696", "-0.0000033333333333333333"), ("43143ff3c1cb0959", "1424953923781206.2"),
    )  # fmt: skip

    def test_numbers_are_those_of_the_standard(self):
        for bits, printed in self.NUMBERS:
            number = struct.unpack(">d", bytes.fromhex(bits))[0]
            self.assertEqual(canonical(number).decode(), printed, bits)

    def test_the_standard_s_own_sample(self):
        sample = {
            "numbers": [333333333.33333329, 1e30, 4.50, 2e-3, 0.000000000000000000000000001],
            "string": "\u20ac$\u000f\u000aA'\u0042\u0022\u005c\\\"/",
            "literals": [None, True, False],
        }
        expected = '{"literals":[null,true,false],"numbers":[333333333.3333333,1e+30,4.5,0.002,1e-27],"string":"€$\\u000f\\nA\'B\\"\\\\\\\\\\"/"}'
        self.assertEqual(canonical(sample).decode(), expected)

    def test_members_are_sorted_by_utf_16_code_units(self):
        keys = ["\u20ac", "\r", "\ufb33", "1", "\U0001f600", "\u0080", "\u00f6"]
        ordered = list(json.loads(canonical(dict.fromkeys(keys, 0))))
        self.assertEqual(ordered, ["\r", "1", "\u0080", "\u00f6", "\u20ac", "\U0001f600", "\ufb33"])

    def test_what_json_cannot_carry_is_refused(self):
        for value in (math.nan, math.inf, 2**53 + 1, {1: "x"}, {"x": b"y"}, object()):
            with self.assertRaises(NotCanonical):
                canonical(value)

    @given(st.recursive(st.none() | st.booleans() | st.integers(-(2**53) + 1, 2**53 - 1) | st.floats(allow_nan=False, allow_infinity=False)
                        | st.text(st.characters(exclude_categories=["Cs"])), lambda inner: st.lists(inner, max_size=4) | st.dictionaries(
                            st.text(st.characters(exclude_categories=["Cs"]), max_size=5), inner, max_size=4), max_leaves=12))  # fmt: skip
    def test_is_json_of_the_same_value_and_has_one_form(self, value):
        text = canonical(value)
        # ECMAScript has one kind of number: a double.
        again = json.loads(text, parse_int=float)
        self.assertEqual(again, json.loads(json.dumps(value), parse_int=float))
        self.assertEqual(canonical(again), text)


def chain():
    records = []
    previous = GENESIS
    last_of = {}
    for number, tag in enumerate(("LSF-0001", "LSF-0002", "LSF-0001", "LSF-0001"), 1):
        record = seal(number, {"asset": {"tag": tag}, "facts": [number]}, previous, last_of.get(tag))
        records.append(record)
        previous = last_of[tag] = record.sha256
    return records


class TheChain(unittest.TestCase):
    def test_is_whole_when_nothing_was_touched(self):
        self.assertIsNone(first_flaw(chain()))
        self.assertIsNone(first_flaw([]))

    def test_names_the_first_record_that_does_not_add_up(self):
        records = chain()
        reworded = replace(records[1], body=records[1].body.replace(b"[2]", b"[9]"))
        resealed = seal(2, {"asset": {"tag": "LSF-0002"}, "facts": [9]}, records[0].sha256, None)
        for changed, number, words in (
            ([records[0], reworded, *records[2:]], 2, "hash differs"),
            ([records[0], resealed, *records[2:]], 3, "does not follow"),
            ([records[0], *records[2:]], 2, "missing"),
            ([records[0], records[2], records[1], records[3]], 2, "missing"),
            ([replace(records[0], body=b"not json", sha256=sha256_bytes(b"not json")), *records[1:]], 1, "not JSON"),
            ([records[0], records[1], records[2], forged_last(records)], 4, "previous record"),
        ):
            flaw = first_flaw(changed)
            self.assertEqual(flaw.number, number)
            self.assertIn(words, flaw.what)

    def test_one_value_has_one_hash(self):
        self.assertEqual(sha256_of({"b": 1, "a": 2.0}), sha256_of({"a": 2, "b": 1}))


def sha256_bytes(data):
    import hashlib

    return hashlib.sha256(data).hexdigest()


def forged_last(records):
    return seal(4, {"asset": {"tag": "LSF-0001"}, "facts": [4]}, records[2].sha256, records[0].sha256)
