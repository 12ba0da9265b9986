"""Rows, with a head or without one."""
