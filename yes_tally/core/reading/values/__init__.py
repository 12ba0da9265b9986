"""Printed texts to values as ranges, and what is said beside a value."""
