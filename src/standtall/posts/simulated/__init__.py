"""Simulated channels that ship: small servers of this machine with their own rules, memory and faults, to try posting on."""
