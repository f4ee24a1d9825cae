// The fields of everything a procedure holds, listed once for writing and for reading them as JSON; only json.cpp uses it.
// must: stands in every guide. late: is always written, older guides lack it. may: is written only where it says something.
#pragma once

#include "core/procedure/procedure.h"

namespace anagraph::core {

template <class F>
void fields(F& f, FigureValue& v) {
    f.must("low", v.low);
    f.late("high", v.high);
    f.must("unit", v.unit);
    f.may("limit", v.limit);
    f.may("before", v.before);
    f.may("turn", v.turn);
}
template <class F>
void fields(F& f, FailedSearch& l) {
    f.must("where", l.where);
    f.must("who", l.who);
    f.must("on", l.on);
}
template <class F>
void fields(F& f, Segment& s) {
    f.must("from", s.start);
    f.must("to", s.end);
    f.must("text", s.text);
    f.must("speaker", s.speaker);
}
template <class F>
void fields(F& f, Anchor& a) {
    f.must("said", a.said);
    f.must("film", a.film);
}
template <class F>
void fields(F& f, SpeakerFrom& s) {
    f.must("at", s.at);
    f.must("name", s.name);
}
template <class F>
void fields(F& f, Alongside& a) {
    f.must("with", a.with);
    f.must("shift", a.shift);
}
template <class F>
void fields(F& f, RecordingUse::Dismissed& d) {
    f.must("at", d.at);
    f.must("what", d.what);
}
template <class F>
void fields(F& f, Note& n) {
    f.must("kind", n.kind);
    f.must("at", n.at);
    f.must("text", n.text);
}
template <class F>
void fields(F& f, Correction& c) {
    f.must("at", c.at);
    f.must("text", c.text);
}
template <class F>
void fields(F& f, RecordingUse& r) {
    f.must("id", r.id);
    f.must("title", r.title);
    f.must("dismissed", r.dismissed);
    f.late("notes", r.notes);
    f.late("corrections", r.corrections);
    f.late("typed", r.typed);
    f.late("anchors", r.anchors);
    f.late("speakers", r.speakers);
    f.late("alongside", r.alongside);
}
template <class F>
void fields(F& f, Translated& t) {
    f.must("language", t.language);
    f.must("of", t.of);
    f.must("text", t.text);
}
template <class F>
void fields(F& f, Fastening& x) {
    f.may("length", x.length);
    f.may("head", x.head);
    f.may("washer", x.washer);
}
template <class F>
void fields(F& f, Closes& c) {
    f.must("fluid", c.fluid);
    f.must("at", c.at);
}
template <class F>
void fields(F& f, Item& i) {
    f.must("id", i.id);
    f.must("kind", i.kind);
    f.must("name", i.name);
    f.must("spec", i.spec);
    f.must("number", i.number);
    f.may("variants", i.variants);
    f.may("translated", i.translated);
    f.may("fastening", i.fastening);
    f.may("closes", i.closes);
    f.may("behind", i.behind);
    f.may("under", i.under);
    f.may("renew", i.renew);
    f.may("total", i.total);
    f.may("refill", i.refill);
    f.may("holds", i.holds);
    f.may("none_of", i.none_of);
}
template <class F>
void fields(F& f, Source& s) {
    f.must("id", s.id);
    f.must("kind", s.kind);
    f.must("title", s.title);
    f.must("edition", s.edition);
    f.may("date", s.date);
    f.may("variants", s.variants);
    f.may("serials", s.serials);
    f.may("document", s.document);
    f.may("instrument", s.instrument);
}
template <class F>
void fields(F& f, Claim& c) {
    f.must("recording", c.recording);
    f.must("at", c.at);
    f.must("words", c.words);
    f.must("value", c.value);
    f.may("by_program", c.by_program);
}
template <class F>
void fields(F& f, Proof& p) {
    f.must("source", p.source);
    f.must("place", p.place);
    f.must("value", p.value);
    f.may("spot", p.spot);
    f.may("slack", p.slack);
}
template <class F>
void fields(F& f, LevelRule& r) {
    f.must("temperature", r.temperature);
    f.must("engine", r.engine);
    f.must("minutes_after", r.minutes_after);
    f.must("gauge", r.gauge);
}
template <class F>
void fields(F& f, Figure& x) {
    f.must("id", x.id);
    f.must("kind", x.kind);
    f.must("item", x.item);
    f.must("purpose", x.purpose);
    f.must("value", x.value);
    f.must("tolerance", x.tolerance);
    f.must("claims", x.claims);
    f.must("proofs", x.proofs);
    f.must("settled", x.settled);
    f.may("variants", x.variants);
    f.may("condition", x.condition);
    f.may("looked", x.looked);
    f.may("replaces", x.replaces);
    f.may("level", x.level);
}
template <class F>
void fields(F& f, Take& t) {
    f.must("recording", t.recording);
    f.must("from", t.from);
    f.must("to", t.to);
}
template <class F>
void fields(F& f, Caution& c) {
    f.must("signal", c.signal);
    f.must("text", c.text);
    f.may("hazard", c.hazard);
}
template <class F>
void fields(F& f, Term& t) {
    f.must("word", t.word);
    f.must("meaning", t.meaning);
}
template <class F>
void fields(F& f, FollowUp& u) {
    f.must("when", u.when);
    f.must("what", u.what);
}
template <class F>
void fields(F& f, Answered& a) {
    f.must("rule", a.rule);
    f.must("text", a.text);
    f.must("because", a.because);
}
template <class F>
void fields(F& f, Action& a) {
    f.must("verb", a.verb);
    f.must("items", a.items);
    f.must("figure", a.figure);
    f.may("needs", a.needs);
}
template <class F>
void fields(F& f, LineActions& l) {
    f.must("line", l.line);
    f.must("actions", l.actions);
}
template <class F>
void fields(F& f, Reading& r) {
    f.must("what", r.what);
    f.must("unit", r.unit);
    f.may("limits", r.limits);
}
template <class F>
void fields(F& f, Check& c) {
    f.must("look", c.look);
    f.must("good", c.good);
    f.must("stop", c.stop);
    f.late("shown", c.shown);
    f.may("ask", c.ask);
    f.may("reading", c.reading);
}
template <class F>
void fields(F& f, Wait& w) {
    f.must("text", w.text);
    f.must("figure", w.figure);
    f.late("shown", w.shown);
    f.may("attended", w.attended);
}
template <class F>
void fields(F& f, Callout& c) {
    f.must("item", c.item);
    f.must("target", c.target);
    f.must("label", c.label);
    f.may("fixed", c.fixed);
}
template <class F>
void fields(F& f, PlateMark& m) {
    f.must("sign", m.sign);
    f.must("at", m.at);
    f.must("to", m.to);
    f.may("figure", m.figure);
}
template <class F>
void fields(F& f, FastenerPlace& x) {
    f.must("item", x.item);
    f.must("at", x.at);
}
template <class F>
void fields(F& f, StillCare& c) {
    f.may("hidden", c.hidden);
    f.may("tilt", c.tilt);
    f.may("crop", c.crop);
    f.may("brighten", c.brighten);
}
template <class F>
void fields(F& f, Plate& p) {
    f.must("id", p.id);
    f.must("recording", p.recording);
    f.must("at", p.at);
    f.must("caption", p.caption);
    f.must("callouts", p.callouts);
    f.may("marks", p.marks);
    f.may("fasteners", p.fasteners);
    f.may("care", p.care);
    f.may("role", p.role);
    f.may("off_order", p.off_order);
    f.may("variants", p.variants);
}
template <class F>
void fields(F& f, ClipMark& m) {
    f.must("mark", m.mark);
    f.may("item", m.item);
    f.must("from", m.from);
    f.must("to", m.to);
}
template <class F>
void fields(F& f, Clip& c) {
    fields(f, c.take);  // a clip was nothing but its take before
    f.may("slower", c.slower, 1);
    f.may("silent", c.silent);
    f.may("poster", c.poster);
    f.may("marks", c.marks);
}
template <class F>
void fields(F& f, StepMethod& m) {
    f.must("topic", m.topic);
    f.may("chosen", m.chosen);
    f.may("because", m.because);
}
template <class F>
void fields(F& f, Press& p) {
    f.must("kind", p.kind);
    f.must("button", p.button);
    f.may("times", p.times, 1);
    f.may("hold", p.hold);
    f.may("shows", p.shows);
}
template <class F>
void fields(F& f, ResetSequence& r) {
    f.must("display", r.display);
    f.may("variants", r.variants);
    f.must("presses", r.presses);
}
template <class F>
void fields(F& f, Comment& c) {
    f.must("at", c.at);
    f.must("who", c.who);
    f.must("on", c.on);
    f.must("text", c.text);
    f.may("answer", c.answer);
    f.may("closed", c.closed);
}
template <class F>
void fields(F& f, Step& s) {
    f.must("id", s.id);
    f.must("heading", s.heading);
    f.must("lines", s.lines);
    f.must("cautions", s.cautions);
    f.must("actions", s.actions);
    f.must("checks", s.checks);
    f.must("heard", s.heard);
    f.must("takes", s.takes);
    f.must("plates", s.plates);
    f.must("clip", s.clip);
    f.late("drafted", s.drafted);
    f.late("waits", s.waits);
    f.may("variants", s.variants);
    f.may("answered", s.answered);
    f.may("states", s.states);
    f.may("methods", s.methods);
    f.may("resets", s.resets);
    f.may("comments", s.comments);
    f.may("translated", s.translated);
    f.may("put_right", s.put_right);
    f.may("hands", s.hands);
    f.may("pinned", s.pinned);
}
template <class F>
void fields(F& f, Header& h) {
    f.must("title", h.title);
    f.must("machine", h.machine);
    f.must("number", h.number);
    f.must("interval", h.interval);
    f.must("variants", h.variants);
    f.must("site_note", h.site_note);
    f.may("glossary", h.glossary);
    f.may("follow_ups", h.follow_ups);
    f.may("translated", h.translated);
    f.may("language", h.language, std::string("en"));
}

}  // namespace anagraph::core
