<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>Base</name>
    <message>
        <source>The memory does not suffice for this; close other programs and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something failed that should not: {0}. Nothing of it is kept; try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something failed that should not. Nothing of it is kept; try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A quote in the list is not closed; save it again as CSV.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no moment of a recording; it is written as seconds in a fraction, as in 1001/30.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} holds an entry of the kind “{1}”, which a newer version of Anagraph wrote.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} holds an entry “{1}” that is not written as it must be.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} holds an entry that is not written as it must be.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Bench</name>
    <message>
        <source>A run begins with who does it on which machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This run has begun already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put on your protective gear and tick it: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make the machine safe by the site&apos;s rules, then say that it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is {1} the limits: do it again, stop and ask, or say why it stays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line {0} is still to be done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The wait is still to come: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} left: {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write down what you read: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look, and say whether it is good: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is not good: {0}. Put it right and look again, stop and ask, or say why it stays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step {0} comes first: do it, or leave it out and say why.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step {0} is still to be done, or left out with a reason.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The work is at its end; sign the run and put it into the logbook.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This guide has no steps for this variant.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} came from the wrench, but no step is in hand; it was not written down.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} came from the wrench, but step {1} wants no such reading; it was not written down.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The work has not begun: tick the gear, make the machine safe, then begin.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run is paused; go on first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run is at its end; nothing of a step can be entered any more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This guide has no step “{0}”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step {0} is closed; take it up again first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A run is named by a UUID.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This run was begun with {0}, and not with {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say who does the work, by post.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say which machine it is, by its name or its serial.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody assesses their own run.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The work has begun already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step has not so many lines.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step {0} wants no such reading.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no reading of {1}: it is written down in {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step has no such check.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Evidence is named by the SHA-256 of its file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step has no such wait.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This wait has begun already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This wait has not begun.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what you found.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what was used.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the reason.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why the work stops here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why the step is left out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run is not paused.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody was named who assesses this run.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run is signed; nothing of it can be changed any more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A run is signed at its end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} neither did the work nor assessed it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} has signed already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” is no moment; write it as 2026-11-30T10:42:08Z.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Changes</name>
    <message>
        <source>Begin the guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a caution before its action</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add a callout</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add a caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add a check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add a figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add a source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add a step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add a take</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add a usual caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add a wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add an instruction</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add an item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>align two recordings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>answer the dry run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>answer the editor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ask for level ground at the beginning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bracket a step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bring the state about</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change a caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change a check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change a clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change a figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change a signal word</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change a typed line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change an item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change guide settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose another frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose methods</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose the best take</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>close it after the test</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>comment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>confirm a drafted step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>confirm what was worked out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>copy a step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>correct a line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>correct a line, and those misheard alike</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>crop, hide or brighten a still</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dismiss a mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>draft lines from the tape</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>draft steps from the tape</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>draw a mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drop a line as talk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>edit the follow-ups</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>explain a word</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fill it again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fill it once it is closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>free the machine first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep a picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep a step in its place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lay out callouts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leave it out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>let a step move</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>look for leaks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lower it on its stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>make a clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mark a picture to be kept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>merge two figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>merge two steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>move a callout</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>move a mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>move a step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>move the beginning of a step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>move the end of a step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nobody is needed while it waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>note something on the tape</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>note where a figure was looked for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open it first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open the filling place first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pair two pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>place a fastener</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pour what goes in again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>put it back on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>put right what a line orders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>put the vessel under it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>read the level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a callout</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a fastener</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a plate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a take</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove an instruction</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove the clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>renew the seal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reopen a figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>replace words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>resolve a figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>resolve a figure by the house rule</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>say how a display is set back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>say how items belong together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>say that it is not so</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>say what a figure applies to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>say what a step applies to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>say where it goes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>say which variants a plate applies to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>say who speaks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set the removal order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set the time of a step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>somebody stays while it waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>split a step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop the machine first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take a heard caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take a heard figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take a larger vessel as well</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take a measured value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take a reset out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take a typed line out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take an answer back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take off what is in front first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take over callouts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take the old seal off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tie the words to the film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tighten it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tighten it once all are started</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>translate a text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>type a line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>use a recording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>warn of hot oil</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write a caption</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write a caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write a check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write a heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write a line as it was</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write a wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write an instruction</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write it into the book</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take another order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part a claim from a figure</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Controls</name>
    <message>
        <source>This can be read two ways. Which is meant?</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>DryRunRules</name>
    <message>
        <source>That step is no longer in the guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why it is kept as it is; the reason is printed for the checker.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That answer is no longer in the guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is drained must be filled again: the filling place comes undone first. If it will not move, the machine still runs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is filled while something below is open runs out again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What comes off, is opened or is disconnected is back at the end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What goes back by hand is tightened before the job ends.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Several fasteners are all started by hand before the first is tightened, or the last ones no longer find their threads.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A seal that is new each time is renewed before it is closed over; none leaks, and two leak.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What lies in front is off before a hand can reach behind it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hands stay out of a machine that runs; it runs closed and filled; and the state a step asks for has been brought about.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A machine that has run holds hot oil: a temperature, a wait or the caution stands before it is opened.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody works under a machine that hangs on a jack.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is drained is caught.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A vessel holds all that can come out, with the filter&apos;s share.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What an action needs is on the list, so that it is laid out before; and the wrench can be set to the figure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is run and looked at before the covers go back: what leaks then is found, and nothing comes off again for it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was opened is looked at for leaks once it is closed and has run.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is drained is filled again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More than goes in does harm: it foams, and it finds its way out past seals.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The amounts poured reach what goes in again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A level is read after filling by its own rule: warm or cold, running or stopped, so many minutes after, on level ground.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What comes off twice could come off once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An action that changes nothing has lost its place or its partner.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A learner works to a figure only where a source proves it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Used oil and old parts go where the shop takes them; the guide says where.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A service that is in no book was not done: its date and reading are written down.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} runs out before the {1} has come undone; if that will not move, the machine stands still.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is filled while the {1} are open: it runs out again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is filled while the {1} is open: it runs out again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is drained, and nothing is named to catch it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} runs out of the {1}, and nothing is named to catch it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} runs out, and nothing is named to catch it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Up to {0} comes out; the {1} have room for {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Up to {0} comes out; the {1} has room for {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It runs with the {0} in it again, and nobody looks whether the {1} are tight.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It runs with the {0} in it again, and nobody looks whether the {1} is tight.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} were opened, and it is not run and looked at for leaks once it is closed and filled again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} was opened, and it is not run and looked at for leaks once it is closed and filled again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is drained and not filled again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} are poured into a system that nothing has drained.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} are poured; {1} is what goes in again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} are poured; {1} is all the system holds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} are poured, and {1} go in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is read before the run in which the new filter takes its share.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The level of the {0} is read in step {1}, but not by its rule: {2}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on level ground.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The level of the {0} is not read after it is filled.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing says where the used {0} goes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing says where the old {0} goes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} comes off in step {1} and is not back on at the end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is opened in step {1} and is still open at the end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} come off in step {1} and are not back on at the end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} are opened in step {1} and are still open at the end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is loosened and never tightened.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} goes back and is never tightened.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} are loosened and never tightened.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} go back and are never tightened.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is a figure for it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tightened before all are started: the {0}, and not started yet: the {1}. The part is held askew, and the others no longer find their threads.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is closed without the {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two of the {0} lie under the {1}: nothing takes the old one off, and two leak.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is closed over the old {1}, which is new each time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} cannot run out while the {1} is on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} cannot go in while the {1} is on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} lies behind the {1}, and that behind it again: neither can be reached. Put one of the two right.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} lie behind the {1}, and that is still on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} lies behind the {1}, and that is still on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} lie behind the {1}, and they are still on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} lies behind the {1}, and they are still on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} goes back over the {1} before the first run and the look for leaks: if it leaks, all comes off again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} came off in step {1} already and goes on in between.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is off already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is open already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is closed already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is tight already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is full already: what goes in again has been poured.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine is locked off already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine stands still already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is on no list of this guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} are on no list of this guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No torque wrench is on the list for {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} cannot be set to {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It works to a figure that the guide does not have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It works to a figure that is not known for {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” is {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing writes the date and the meter&apos;s reading into the book.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step {0} asks for the machine to be {1}, and nothing before it has brought that about.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is run while it is locked off; nothing has released it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is run while the {0} are open: the {1} comes out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is run while the {0} is open: the {1} comes out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is run without {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hands are in the machine while it runs; nothing has stopped it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is drained straight after running: no temperature, no wait, no caution.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is opened straight after running: no temperature, no wait, no caution.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine is lifted and not lowered on its stands yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine is lifted and not on stands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That item is no longer in the guide.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Edition</name>
    <message>
        <source>This is no edition of a guide, or a damaged one; take edition.json from a pack that verifies.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Editor</name>
    <message>
        <source>Nothing was logged in this step that a line could be made of: take its actions and figures first, or write the line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the step whose lines are to be drafted.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This step has its lines already; a draft never writes over what a person wrote.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every step has its lines already; a draft never writes over what a person wrote.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One action a line: who looks up from the machine finds the place again, and nothing is done halfway.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A caution stands before the action it warns of: afterwards the hand is already there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Work of a kind carries cautions that every guide shows, before the first step they concern.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number is a figure: with its evidence, in both unit systems, and changed in one place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part has one name in the whole guide, the one on its picture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“It” and “them” must have one possible meaning: the wrong part is undone otherwise.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An order says who does it: the reader, now. “Is removed” may have been done by somebody else.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“Properly” and “make sure” cannot be checked: say how tight, how much, how long, or what to look for.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A fastener needs its tool named, so that it is in the kit and not fetched from under the machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A check says what is good, what stops the job, and whom to ask then.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A word of the trade that is no part on a picture is explained once in the guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A misspelt word makes a reader doubt the figures too.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That step is no longer in the guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why it is kept as it is; the reason is kept with the step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} or the {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two actions in one line: “{0}” and “{1}”. Give each its own line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” is typed: make it a figure, so that it has its evidence and both units.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” is typed; the guide has it as “{1}”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” is typed; named as an item it has its number on the pictures and follows when it is renamed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“The {0}” may be the {1}: name the one that is meant.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” is called “{1}” elsewhere: one name for one part.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” may be the {1}: name it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” does not say who does it: begin with the action, as an order.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say what to look at and what is good, as a check.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say how it looks when it is right.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say how much.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say when it is required.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say when it is necessary.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say what shows that it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say which.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say how many.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say how long.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say how tight.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: name them all.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A caution after an action: it belongs before the step, with its signal word.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A caution among the actions: it belongs before them, with its signal word.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Does every reader know “{0}”? The guide can explain it: {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” is in no dictionary here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” is in no dictionary here; “{1}” perhaps?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the step that is to be split.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put the cursor into the line that is to begin the new step; each of the two keeps at least one line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With what? No tool is named for the {0}; name it, or say “by hand”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A check without its verdict: say what is good, and what stops the job.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A check without its verdict: say what is good.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A check without its verdict: say what stops the job, and whom to ask then.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Edits</name>
    <message>
        <source>Choose the step that is to be copied.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step {0} still uses this recording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another recording runs alongside it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; was heard in this recording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step {0} still acts on it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step {0} still calls it out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the figure &quot;{0}&quot; is about it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the {0} closes its system</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the {0} lies behind it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the {0} sits under it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is proved by it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step {0} still uses it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the {0} is said to hold it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That recording is not used in this guide yet; add it to the guide first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A recording cannot run alongside itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines tied to the film stay in the order in which they are said; untie the other line first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A source needs a title.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure is about &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure is proved by a source that is not in this guide; add the source first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A check or a wait lies within a stretch of its step; move the step&apos;s edges first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An item needs a name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {1} closes &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing lies behind itself; take the {0} from that list.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {1} lies behind &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing sits under itself; take the {0} from that list.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {1} sits under &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the {0} holds is no figure of this guide; add the figure first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An action names &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An action is done to a figure that is not in this guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A clip ends after it begins; move its other end first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A clip runs as it was filmed, or two to eight times slower.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The still that stands for a clip is one of its own pictures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The clip shows the number of &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A distance on the clip is a figure that is not in this guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is drawn over a clip stays for a while; its end comes after its beginning.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plate calls out &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plate shows the place of &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A distance on the plate is a figure that is not in this guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The order of taking off names parts that are called out on the plate; call the part out first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A still is turned by 15 degrees at most.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A still is brightened by 0 to 100.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is shown of a still lies within it and is not smaller than a twentieth of it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is hidden lies within the still.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A step ends after it begins; set its end further down the tape.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From {0} to {1} the tape is a take of this step already; a moment belongs to one take.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From {0} to {1} the tape already belongs to &quot;{2}&quot;; a moment belongs to one step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step waits for a time that is no figure of this guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A reading has limits that are no figure of this guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A button is held for a time that is no figure of this guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The time a step takes needs a unit: 5 min.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step uses a figure that is not in this guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A guide needs a title and a machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is put into a guide needs an id.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is not in this guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It cannot be removed: {0}. Remove it there first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That step is not in this guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The language is given by its two letters: en, de, fr, nl.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A guide needs a machine and a job.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two variants are called {0}; give each a name of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} cannot go: without it this would apply to every machine: {1}. Say first what else each applies to, or remove it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures and items stand in the translation as they stand in the original, each as often; they are not translated.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That step is not in the guide any more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That item is not in the guide any more.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Evidence</name>
    <message>
        <source>{0} applies to other variants only and does not count here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} applies to {1} only and does not count here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” at {1} and “{2}” at {3} cannot both be right.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two figures of this guide are needed to join them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A {0} and a {1} cannot be one figure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the claim that is to become a figure of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is all that speaks for this figure: there is nothing to part.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no stage; write them as &quot;20, then 40, then 60 Nm&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; goes back: each stage is above the one before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; runs from the larger to the smaller; write the smaller end first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no {1}; write it as in &quot;{2}&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}; {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} ({1}, {2})</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not found. Looked in: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody has said it and no source gives it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find it, or leave it as not known.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heard by the program; nobody has listened to it yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Listen to it and confirm its step, then add the source that gives it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Said %n times; speech alone proves nothing.</source>
        <comment>Said once; speech alone proves nothing.</comment>
        <translation>
            <numerusform>Said once; speech alone proves nothing.</numerusform>
            <numerusform>Said %n times; speech alone proves nothing.</numerusform>
        </translation>
    </message>
    <message>
        <source>Add the source that gives it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A source is named, but no value is chosen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a source gives {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} gives {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” was said at {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The source gives {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the other sources agree</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>everything said agrees with it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Resolved: {0}. What differs: {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Against {0}: {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why the value holds, or change it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Fasteners</name>
    <message>
        <source>The picture shows {0} {1}; the guide counts {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>length</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>head</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>washer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not stated of the {0}: {1}; edit the item to say it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Figures</name>
    <message>
        <source>proved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>disputed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>agrees</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>differs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} to {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>loosened, then {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}, then {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}, then {1} degrees further</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at most {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at least {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} plus or minus {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing speaks for it</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n claims</source>
        <comment>one claim</comment>
        <translation>
            <numerusform>one claim</numerusform>
            <numerusform>%n claims</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n sources</source>
        <comment>one source</comment>
        <translation>
            <numerusform>one source</numerusform>
            <numerusform>%n sources</numerusform>
        </translation>
    </message>
    <message>
        <source>said at {0}: “{1}”, {2}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a source that is gone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}: {1}, {2}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>does not count here</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Files</name>
    <message>
        <source>read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>locked</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>FillPanel</name>
    <message>
        <source>&amp;Total, dry</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Refill with filter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stays behind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Filter takes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Came out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Between the marks</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Films</name>
    <message>
        <source>{0} is no file that can be read; choose the recording itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is not there; choose the recording again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} cannot be opened ({1}); check that you may read it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is empty; copy it from the camera again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} may not be read; change its permissions or copy it somewhere else.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no video that can be read ({1}); choose a recording such as MP4, MOV, MKV or WebM, or copy it from the camera again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} begins like a video but cannot be read on ({1}); copy it from the camera again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} has pictures of {1} x {2} pixels, more than any camera makes; choose another recording.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} has no picture, only sound or text; choose the film itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The memory does not suffice for {0}; close other programs and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The disk is full, so {0} could not be written; free some space and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The disk failed while {0} was being {1}; check the disk and its cable, and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} may not be {1}; change the permissions, or choose another place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} could not be {1} ({2}); check the folder, or choose another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing here can decode {0}; convert the recording to H.264 first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The memory does not suffice to decode the recording; close other programs and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recording&apos;s {0} cannot be decoded ({1}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera was let go.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no camera {0}; connect it, or choose another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no camera.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera {0} is in use by another program; close that first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera {0} may not be opened; add yourself to those who may use cameras (group video).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera {0} does not answer ({1}); pull it out, put it in again, or take a file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera {0} gives no picture; take a file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera {0} gives no picture any more; put it in again, or take a file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between {0} and {1} the recording holds no picture; choose another stretch.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This system has no H.264 encoder (libx264), so clips cannot be made; install it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cutting the clip was stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No picture could be decoded at {0} of {1}; choose a moment nearby.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recording could not be taken apart.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} reads differently at a second time; copy it from the camera again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recogniser &quot;{0}&quot; could not be started ({1}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hearing was stopped; nothing of it is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recogniser &quot;{0}&quot; failed{1}{2}. Try the command in a terminal on a WAV file, and put it right in the house settings.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recogniser &quot;{0}&quot; wrote nothing; it has to write WebVTT or SRT {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recogniser&apos;s language {0} cannot be read; install the program again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recogniser&apos;s model of English is not installed. Install the package pocketsphinx-en-us, or name another recogniser in the house settings.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} has no sound, so nothing can be heard; type what is said on the Tape.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a sound file with a cover picture; choose the film itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} has no picture of a usable size; choose another recording.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} has pictures but no times.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The times of {0} go back at {1}: camera files joined end to end do that.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The times of {0} begin below zero.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The import was stopped; nothing of it is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The small copy could not be made ({0}).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Memory is full.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The player could not be started; everything but playing still works. Check that libmpv is installed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The small copy of this recording is missing or damaged; import the recording again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This picture is not in the small copy; import the recording again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The index of this recording is damaged or from an older version; import the recording again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The index of this recording is damaged; import the recording again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This recording has not been looked through yet; import it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking for a sharper still was stopped.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>FirstWeekWords</name>
    <message>
        <source>Safety first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;h2&gt;Safety first&lt;/h2&gt;&lt;p&gt;%1&lt;/p&gt;&lt;p&gt;A learner puts a spanner on a machine because of what you issue. So:&lt;/p&gt;&lt;ul&gt;&lt;li&gt;What was said on a film proves nothing. A torque, a capacity or a grade is proved by the maker&apos;s book, a label, a drawing, a standard or a measurement, and shows where it stands there.&lt;/li&gt;&lt;li&gt;What nobody found is printed as “not known”. Never guess a figure to close an open point.&lt;/li&gt;&lt;li&gt;Lock off, hot, pressed, raised, turning: say it as a caution before the step it belongs to, not after.&lt;/li&gt;&lt;li&gt;Where practitioners differ, the house says which way it goes and why; the guide shows what else is accepted.&lt;/li&gt;&lt;li&gt;Electrical work, lifting gear, pressure and gas belong to people who are licensed for it, where the law says so.&lt;/li&gt;&lt;li&gt;Another post than the authors checks a guide before it goes out. If an edition turns out to be dangerous, withdraw it: everybody who has it is told.&lt;/li&gt;&lt;/ul&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where do I begin?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With a film of the job: {shelf.import}, or drop it on the Shelf. Then {shelf.new}, and the Tape shows it line by line. Without a film of your own, open the demo library: &lt;b&gt;anagraph --demo&lt;/b&gt;; {window.tasks} has small work on it that says when it is done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is my work saved, also when the power goes?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every change is on disk before the head of the window says saved; there is nothing to press. Only words in a field that you have not left yet are not. If the program ever ends without closing, its next start says what is saved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>I did something wrong. How do I get back?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{window.undo}, as often as you like, through the whole guide; {window.redo} the other way. What a line said before, and who wrote it: {sheet.history}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was said clearly on the film. Why is the figure still open?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>People slip, and a microphone hears “newtons” for “newton metres”. A figure is proved by a source: {figures.add-source}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The book and the film give different values.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure is disputed until you say why its value holds: {figures.resolve}, or {figures.house-rule} where your house has decided it for all guides.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody knows the value.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{figures.not-found} says where you looked. It is printed as “not known” and the guide can still go out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A face or a name plate is on the picture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{plates.crop}: what you hide there is not in the picture that goes out, nor behind it. Do it on each picture that shows it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why can I not issue?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{window.next-open} goes through what is open. What the dry run stops has to be mended or kept with a reason, and another post than the authors has to check the guide: {window.post} says who sits here, {issue.check} is the check.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something is wrong in an edition that went out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the guide and issue the next edition; who learned the old one is told what changed. If it is dangerous, {issue.withdraw} it at once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The learner has no network.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{issue.copy} writes the pack to a stick; it opens in any browser, and its bench.html takes a run on a tablet. What comes back as a file goes into the Logbook with {logbook.run}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How do two of us work in one guide?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the same library in both windows; each sees the other&apos;s step and what is saved, and where both changed the same thing {window.decide} asks. For several computers the library moves to a server: {window.library}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How does my library get to another computer?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{window.backup} writes all of it into one file, on a stick. On the other computer &lt;b&gt;anagraph FILE.zip&lt;/b&gt; makes it your library, never over another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first week</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Fluids</name>
    <message>
        <source>No source says what the fluid has to meet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is asked for, the pack says {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is asked for; the pack says no viscosity.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pack does not say that it meets {0}: ask its maker.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pack says {0}; no specification is asked for beside the viscosity.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pack says all that is asked for: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The volume of the system must be more than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A strength lies between 0 and 100 %.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A concentrate of {0} % cannot bring the mixture to {1} %.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No amount of water makes it pure water: drain it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} would have to be added and there is room for {1}: drain some and replace it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A ratio is told in parts of concentrate and water, as in 1 to 10.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Freezing points are known here from 0 to 60 %; stronger mixtures protect less again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No mixture of {0} is good to {1} degC.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what is poured and what the jug holds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is {0} jugs: take a larger one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no pack of a fluid; write it as 1 L@6.50.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no price; write the pack as 1 L@6.50.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is needed must be more than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say which packs there are, as in --pack &quot;1 L@6.50&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A pack must hold more than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A price cannot be less than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The least cost can only be found with a price for every pack, as in &quot;5 L@24&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is too much for packs so small to look through: say larger packs, or the need of one machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} must be more than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} refill out of {1} total cannot be: one of the two is wrong.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} cannot stay behind of {1} in all.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} refill and {1} residue make {2}, not the {3} said to be the total.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The filter cannot take {0} of {1} {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} between the marks is more than the {1} of {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} came out of a system that holds {1}: it was overfilled, or one of the two is wrong.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no amount of fluid; write it as 1.7 L.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Refill: the total less what stays behind, {0} − {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Refill: what came out and the filter&apos;s share; right only if the level was right before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Refill: what came out; right only if the level was right before, and without the filter&apos;s share.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Residue: the total less the refill, {0} − {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First pour: the refill less the filter&apos;s share, which fills only when it runs, and a little less than the upper mark.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First pour: the filter&apos;s share is not known, so as much as {0} % of the refill is kept back until it has run.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First pour: only the total is known; as much as {0} % of it may have stayed behind. Then read and add.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What lies between the marks must be known to say how much to add: give --between-marks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A reading is told in shares of the way between the marks: 0 the lower, 1 the upper, 1.2 a fifth over.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The amount and the vessel must be more than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vessel of {0} takes all {1} and has {2} to spare.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>The vessel of {0} does not take {1}: close the plug at {2} and change it, %n times.</source>
        <comment>The vessel of {0} does not take {1}: close the plug at {2} and change it, once.</comment>
        <translation>
            <numerusform>The vessel of {0} does not take {1}: close the plug at {2} and change it, once.</numerusform>
            <numerusform>The vessel of {0} does not take {1}: close the plug at {2} and change it, %n times.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Guide</name>
    <message>
        <source>This {0} cannot be read: {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This guide was written by a newer version of the program; open it with that version.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>GuideDialogsWords</name>
    <message>
        <source>Items of some only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>differs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not for this one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide is for one kind of machine; name its variants in the guide settings to see them side by side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Variants side by side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all side by side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 alone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>only what differs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide for its variants</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put the cursor into the line whose history is wanted.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who wrote this line, and what stood there before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Versions of the line, the newest first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>(empty)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2 · %3%4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · as it stands now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Restore this version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A step of another guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no other guide in this library yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It comes in behind the step in hand, with the items, figures and sources it names. What this guide has already is used.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>HandOutWords</name>
    <message>
        <source>Hand out edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>chosen below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Learners</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody is in the register of learners yet; add them under Learners first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Group</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;To</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;How</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tick those it is handed out to.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>HelpWords</name>
    <message>
        <source>Pages of the help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tape</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;Watch the recording once and mark its steps: {tape.open-step} begins one, {tape.close-step} ends it. Figures and cautions that were said stand beside their line and are taken with a key. Or have the steps drafted from what was said, look at each and confirm it.&lt;/p&gt;&lt;p&gt;A film that came without a narration is heard by the program, after its import or by {tape.hear}. What it hears is uncertain: hatched words most of all, and a figure says that the program heard it until its step is confirmed. Put a line right with {tape.correct-line}; the same mistake in other lines is offered to be put right with it.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;What was said stands as pins on the line of a figure, what the sources give as blocks, the tolerance as a band. A solid box with a filled corner is proved, a dashed one open, a double left edge disputed. Speech alone proves nothing: add the source that gives the value.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;The guide as its reader will see it, one step under the other. In a line, type { to name a figure or an item; Enter begins the next line, Backspace takes an empty one out.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;Call the parts of a picture out: a part has one number in the whole guide. Arrows move the callout in hand, with Shift what it points at.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dry run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;The guide is walked before a learner meets it: each item is a thread that runs down the steps, solid while it is tight, thin while it is only on, broken while it is loose, dotted while it is off, double once it is new. A ring is a finding, two rings stop the guide. Click a place, or hold Space with the picture in hand, and see what lies beside the machine then. The plan beside it shows hands and waits in the same direction; plum is what another order moves.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Issue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;The editions run down a line, from the first to the hand-out of the next. Another post than the authors of the guide reviews it: the places that changed come first, the old beside the new; each is passed or commented, and when all are passed the guide is checked. What goes out never changes again. A house with keys signs its editions; a passphrase is asked for once and not kept. Hand an edition out to learners, and the register says who has to read again what has changed since. Drop a pack on the window to verify it.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;The guides and recordings of the library. Import a recording, or drop a film here, and begin a guide on it.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;A guide at the machine, one step at a time. Choose an edition, say who works on which machine, tick kit and gear, make the machine safe; then {bench.on}, or a foot pedal, goes through lines, waits and steps. Readings are typed or come from the wrench; one outside its limits stops the step until it is done again, explained, or the work stops. At the end the trainer says how each step was done, both sign, and the run goes into the logbook. What is entered is on disk at once: after a power cut the run waits where it was.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;The machines stand across, the weeks run down: a round is a service that was done, a diamond what is due, full and with its word once it is overdue; what is hatched is kept free. Enter readings, services and findings, say what is due and how often, and take in the runs of the bench. Nothing is written over: a mistake is struck, and stays to be seen.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a recording to a guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;h2&gt;From a recording to a guide&lt;/h2&gt;&lt;p&gt;The stations stand in the order of the work: import a recording on the &lt;b&gt;Shelf&lt;/b&gt; and begin a guide; mark its steps and take its figures on the &lt;b&gt;Tape&lt;/b&gt;; prove each value on the &lt;b&gt;Figures&lt;/b&gt;; shape the words on the &lt;b&gt;Sheet&lt;/b&gt;; call the parts out on the &lt;b&gt;Plates&lt;/b&gt;; walk it on the &lt;b&gt;Dry run&lt;/b&gt;; freeze the edition on the &lt;b&gt;Issue&lt;/b&gt;.&lt;/p&gt;&lt;p&gt;A station shows what fits the thing in hand. The right button, or the menu key, shows the rest, and Find finds everything by typing. Everything can be undone, and what the head calls saved is on disk.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Several people, one library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;h2&gt;Several people, one library&lt;/h2&gt;&lt;p&gt;Several windows may have one library open, on one machine or, where it is on a server, on many. The head of the window says who else is there; on the &lt;b&gt;Sheet&lt;/b&gt; the step they work on shows their post. What they save appears within a second, but never under your hands while you type. Undo takes back your own changes, past theirs.&lt;/p&gt;&lt;p&gt;Changes of different things are both kept. Where you and somebody else change the same text, figure, picture or order, both stand side by side with what they came from, and you say which stands; until then yours is kept on this computer. {window.decide} shows what is left to decide.&lt;/p&gt;&lt;p&gt;While the server cannot be reached you go on with the guide in hand: what you change is called not saved yet, is kept on this computer, also when it is switched off, and goes to the library by itself once it is back.&lt;/p&gt;&lt;p&gt;{window.library} says where it lives. There you tick the guides that go along where the server is not: they are copied to this computer and kept up to date, and where the server cannot be reached the program opens on that copy. You work in the guides as usual; issuing, importing and what belongs to the whole workshop waits until it is back.&lt;/p&gt;&lt;p&gt;Where the films lie in an object store, the small copy of a film comes when you open it; the picture you stop at, stills and clips come from the film itself. How much of this computer they may take up is said there too.&lt;/p&gt;&lt;p&gt;There a library is also moved, to a server or back; the window is closed meanwhile. Into one file and out of it, and what a person may do in it: &lt;b&gt;anagraph-cli library --help&lt;/b&gt;.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the editor looks for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;h2&gt;What the editor looks for&lt;/h2&gt;&lt;p&gt;It stands beside its line and can be put right or kept as it is, with a reason; the house settings can do without a rule.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the dry run looks for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;h2&gt;What the dry run looks for&lt;/h2&gt;&lt;p&gt;What stops a guide is mended, or kept as it is with a reason that is printed for the checker; a warning goes out if you let it; a note is only told.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>search the help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Search the help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page of the help</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>House</name>
    <message>
        <source>&quot;{0}&quot; is no kind of source.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the house keeps cannot be read: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>KeyFormsWords</name>
    <message>
        <source>Key of the %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Key &amp;file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The key file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>P&amp;assphrase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That file holds the key of another post.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who sits here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every change, comment and check carries this post. It is kept on this desk until you change it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Post</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>author, checker, instructor pump bay</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say who sits here, by post.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sign the edition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Author and checker vouch for the edition with their keys. A passphrase is asked for once, and not kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>author</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>checker</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The key file of the %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Passphrase of the %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the key file of the %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type the passphrase of the %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That file holds the key of another post than the %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make a key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The key file stays with its post, outside the library. Without file and passphrase nobody can sign in its name; lost ones cannot be brought back, only ended and replaced.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>author, checker</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type a passphrase.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The two passphrases are not the same.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The key of the %1 is made and registered. From now on editions are signed by their author and their checker.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Register a key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The public part of a key that was made elsewhere: the file that ends in .pub.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A public key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The key of the %1 is registered.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No key is registered.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>End a key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What it signed before stays good. It signs nothing from now on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Key of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Why</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lost, stolen, the post has ended</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why it ends.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>KeyRingWords</name>
    <message>
        <source>The last passphrase was wrong; try again in %1 s.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Keys</name>
    <message>
        <source>Enter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page Down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page Up</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Languages</name>
    <message>
        <source>English</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>German</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>French</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dutch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Polish</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spanish</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Learner</name>
    <message>
        <source>These are no answers to a check: {0} Hand in the file as the guide saved it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These are no answers to check {0} of this edition: {1}</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>LevelRule</name>
    <message>
        <source>On level ground</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cold or warm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>warm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>running or stopped</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stopped for {0} min</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stopped</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how long after stopping</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>running</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how it is read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dipstick resting, not screwed in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dipstick screwed in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by the sight glass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>until the level plug weeps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not known: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Library</name>
    <message>
        <source>{0} is not opened: its entry “{1}” {2}. Ask for it anew where it comes from.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} holds more files than a pack can have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is damaged: its list of files cannot be read. Copy it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is not in {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} in {1} is damaged; copy it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no file {0}; check the path.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no ordinary file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is damaged or cut short; copy it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no pack in one file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} in {1} is larger than it can be.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The memory does not suffice for the archive; close other programs and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writing the archive was stopped; nothing of it is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The folder {0} is not there; put the stick in, or name another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A run at the bench was changed by another hand or is damaged; put back library.db from your last copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} holds passwords and may be read by others; make it yours alone (chmod 600), and choose new ones.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no list of passwords; mend it or take it away.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library {0} was written by a newer version of the program; open it with that version.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say where it shall be written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a link to somewhere else; name the place itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} lies in the library {1}, which the program alone writes in; choose a place outside it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The folder {0} is not there; make it first, or choose another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a file, so nothing can be written in it; choose another place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a link to somewhere else; take it away first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a folder; name a file in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no ordinary file; choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is what it is made from; choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is there already; choose another name, or take it away first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a file; choose a folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} holds other files; choose an empty folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} has changed meanwhile, so nothing was written there; try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no edition {0} of &quot;{1}&quot; in this library.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition {0} in the library is not what was issued; put back library.db from your last copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A pack is named by the SHA-256 of its manifest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition {0} was already issued and stays as it is; issue the next number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a link to somewhere else; put what it leads to in its place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What applies to the whole house was changed elsewhere meanwhile, so nothing was saved; look at it as it is now and do it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The disk is full, so {0} could not be {1}; free some space and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is not there; choose the file again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} may not be {1}; change the permissions, or choose another place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} lies on a disk that may only be read; choose another place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} would be larger than a file may be here; choose another disk, or raise the limit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The disk failed while {0} was being {1}; check the disk and its cable, and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} could not be {1} ({2}); check the folder, or choose another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a folder; choose a file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no file that can be read; choose another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is {1} MB long, which is more than such a file can be; choose another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading the file was stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copying was stopped; nothing of it is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a link or a device, which is not copied; remove it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library holds a guide whose id cannot be one (“{0}”); it was not written by this program. Open a copy you trust.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no guide &quot;{0}&quot; in this library.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The journal of the guide &quot;{0}&quot; is damaged; put back library.db from your last copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A change of {0} by {1} is damaged or stands on a damaged one, and is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide &quot;{0}&quot; has its changes 1 to {1}; there is no {2} to stand on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The films of this library lie in its own folder, and none of them is kept a second time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} holds other files ({1}), so no library is made there; choose an empty folder or a new one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a file; a library is a folder. Choose a folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no library in {0}; check the path.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}{1} is a link to somewhere else, and a library keeps everything in its own folder; put what it leads to in its place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The folder {0} holds the films of another library ({1}); name another folder, or, where it is the same library at a new address, take away the file {2} in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no library in the database {0}; make one with anagraph-cli library create ADDRESS.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The database {0} holds other tables ({1}), so no library is made there; take an empty one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library {0} cannot be reached, and what was taken along of it is a copy: this can be done when it is back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library {0} is open elsewhere in an older version of the program; close it there first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing of {0} was taken along.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library {0} may not be written; change the folder&apos;s permissions or open a copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library {0} is open elsewhere{1}; close it everywhere first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library {0} is being put in order by another window{1}; try again when it is done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} was changed while it was sent; send it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The list of {0} cannot be read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is not in the object store {1}; library check says what depends on it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} did not arrive in {1} as it was sent; try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} takes no file in parts; ask its keeper.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} forgot the parts of {1} that were sent; try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No key and secret of yours are kept for {0}; keep them with anagraph-cli library password {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The object store {0} is full, so nothing more can be put into {1}; free some space there and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The clock of this computer and that of {0} differ too much, so it takes nothing; set the clock, and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} does not know you by the key and secret kept here; keep them anew with anagraph-cli library password.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no bucket {0} on {1}; its keeper makes one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} does not let you do that in {1}{2}; ask its keeper.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} answered with {1}{2}, which nobody expected; try again, or ask its keeper.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The memory does not suffice to reach the object store.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was stopped; what was sent is kept for the next time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} does not prove who it is ({1}), so nothing is sent there; ask its keeper for its certificate and name the file with objects_rootcert= in the address.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The object store {0} cannot be reached ({1}); what was sent is kept, and goes on from there the next time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} did not come from the object store as it was sent there; library check says what depends on it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fetching was stopped; what has come is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is not in the object store.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What this computer keeps of a library cannot be less than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the library&apos;s object store says of a file cannot be read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is not what was sent there; check the disk and do it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In {0} {1}; an object store is named as s3://ENDPOINT/BUCKET.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A key or a secret does not belong in the address of a library, where others read it; leave it out and keep it with anagraph-cli library password s3://ENDPOINT/BUCKET.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no folder and no address of a library; {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In {0} {1}; {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A password does not belong in the address of a library, where others read it; leave it out and keep it with anagraph-cli library password ADDRESS.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is nothing the address of a library says; it says objects, objects_region, objects_rootcert, host, sslmode, sslrootcert, sslcert, sslkey.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The server of the library {0} cannot be reached, so nothing was saved; try again when it is back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The server of the library {0} is being restored and takes no changes now; try again later.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library {0} was opened for reading, so nothing was saved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library {0} does not let you do this; whoever keeps it gives each post its role.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The disk of the server of {0} is full, so the change was not saved; its keeper must free some space.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The server of the library {0} has no room for more at the moment; try again in a while.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library {0} is being written by another program for a long time; try again when it is done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The database of the library {0} is damaged; its keeper must put back a copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library {0} answered with an error: {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library {0} is being put in order by another program; try again when it is done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library {0} is open elsewhere; close it everywhere first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What became of a change of the library {0} cannot be found out now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The server of {0} does not know you by this name and password; keep the right one with anagraph-cli library password ADDRESS.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The server of {0} does not prove that it is the one you mean ({1}); nothing was sent to it. Ask its keeper for its certificate and name it with sslrootcert in the address.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The server of {0} sends everything in the open; where the network is closed to others, say so with sslmode=disable in the address.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no database {0} on {1} for you ({2}); its keeper makes one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The server of the library {0} cannot be reached; check the network, or try again when it is back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library holds a recording whose id cannot be one; it was not written by this program. Open a copy you trust.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That recording is not in this library; import it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A recording is named by what is in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This recording has a narration already; guides may rest on its lines, so it stays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The narration of this recording is damaged; import the recording again together with its narration.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The records of keys, learners and hand-outs were changed by another hand or are damaged; put back library.db from your last copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook was changed by another hand or is damaged; put back library.db from your last copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library {0} is a folder; who may do what there is said by the rights of its files.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The server does not know the name {0}; whoever keeps the server adds it: createuser --pwprompt {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The table {0} of the library is damaged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A key is made for a post; name it: author, checker.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The signing library did not start; close other programs and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A key file is sealed with a passphrase; give one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The memory does not suffice to seal the key; close other programs and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is no key file, or a damaged one; choose the file that was written when the key was made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The memory does not suffice to open the key; close other programs and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The passphrase is not the one this key was sealed with, or the key file was changed. Type it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is no public key; choose the file that ends in .pub, written when the key was made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The disk is full, so the change was not saved; free some space and do it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file of the library {0} could be opened for reading only: the disk is full or failed for a moment, or a permission is in the way. Open it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library file in {0} is damaged; put back library.db from your last copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The disk of the library {0} failed, so the change was not saved; check the disk and its cable, and do it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A file of the library {0} could not be opened: the disk is full or failed for a moment, or a permission is in the way. Check that the folder and the files in it may be read and written, and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The memory does not suffice, so the change was not saved; close other programs and do it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This library lies on this computer, so there is nothing to take along.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was stopped; what was taken along before stays as it was.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} holds changes that are not in the library yet, and is damaged; keep a copy of it and take it away.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Too many windows have this library open; close one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was changed once more just now: {0}. Look at it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is a library at {0} already, and nothing of it is written over; name another place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was stopped; what was there is as it was.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no library that was put into one file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} was written by another version of the program (its tables are of version {1}, here they are of {2}); take it out with that version.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} lacks the table {1}; it was damaged or cut off.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What arrived in {0} is not what was sent; do not use it. The library in {1} is as it was.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} holds a file that no library has ({1}).</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Lists</name>
    <message>
        <source>{0}, {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} and {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}; {1}</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Logbook</name>
    <message>
        <source>{0} is no reading of a meter: hours, a distance or a count is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A meter does not read below nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter of {0} would run backwards: it showed {1} {2} {3}. Put the reading or its day right; if the meter was replaced, enter that first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name the machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook knows no machine “{0}”; add it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Entries are added one after the other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say who you are, by post.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is a machine “{0}” already; give this one another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The serial {0} is that of {1} already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why the machine is out of service.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The old meter and the new one count different things.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter of {0} was read after that day; enter its replacement on {1} or later.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what was done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what is due.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say how often: give at least one interval, as in &quot;100 h&quot; or &quot;12 month&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no interval: hours, a distance, a count or a time by the calendar are.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A rotating unit has a name and a serial.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is a unit with the serial {0} already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something later is entered of the unit {0}, on {1}; strike that first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook knows no unit with the serial {0}; add it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The unit {0} is on {1}; take it off there first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The unit {0} is on no machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was fitted by a reading in {0}; give one of that kind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what was found.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what became of the finding.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Entry {0} is no finding.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finding {0} is closed already: {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This run is in the logbook already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what is in the store, and how much of it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The least stock is counted in something else than the amount.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is counted in {1} here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The store holds no “{0}”; count it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what it is a sample of.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Entry {0} is no sample.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what the laboratory found.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing called “{0}” is due on {1}; give the rule&apos;s name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is over; plan it for a day to come.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Evidence is named by the SHA-256 of its file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why the entry was a mistake.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no entry {0}, or it is struck already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was struck stays struck; enter it anew.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Entry {0} stands on it, so it cannot be struck first: {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is no table of services: it needs a column of machines, one of days, and one of what was done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is no run of the bench: {0} Hand in the file as the guide saved it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No meter of {0} was read by then; enter a reading.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the day it is due.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n days after it is due.</source>
        <comment>1 day after it is due.</comment>
        <translation>
            <numerusform>1 day after it is due.</numerusform>
            <numerusform>%n days after it is due.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n days early.</source>
        <comment>1 day early.</comment>
        <translation>
            <numerusform>1 day early.</numerusform>
            <numerusform>%n days early.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n days early; about {0} of its interval are given away.</source>
        <comment>1 day early; about {0} of its interval are given away.</comment>
        <translation>
            <numerusform>1 day early; about {0} of its interval are given away.</numerusform>
            <numerusform>%n days early; about {0} of its interval are given away.</numerusform>
        </translation>
    </message>
    <message>
        <source>at {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at {0}, about {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>about {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at {0}, on {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}: {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is overdue. {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}. {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is overdue, {1}. {2}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}, {1}. {2}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no. {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} on the fluid</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no answer yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} (limits: {1})</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}: {1}: {2}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>serial {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} or {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} every {1}, first at {2}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} every {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entry {0}: {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>out of service: {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in service at {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the old meter showed {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} ({1})</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by {0}, edition {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} to {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} on {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}: {1}; order {2}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>never counted in the store</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is the least</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} taken by {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} of {1}</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Logbook entries</name>
    <message>
        <source>machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>machine moved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>meter replaced</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rule</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unit fitted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unit taken off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>finding</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>finding closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stock</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stock used</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sample</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sample answered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kept free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>evidence</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>struck</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>MachineState</name>
    <message>
        <source>runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stands still</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>locked off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the jack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on its stands</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Main</name>
    <message>
        <source>Anagraph</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no library in %1. Make a new one there?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The demo library cannot be opened: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is a library in %1 already, and nothing is written over it. Take this one out somewhere else: anagraph-cli library restore FILE FOLDER</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turns recorded service jobs into illustrated step-by-step guides.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>opens the demo library, a copy of which is made the first time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>writes the help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>folder of the library, or its address on a server; without it, the one in your data folder. Or a pack, which is verified; or a backup, which becomes your library where there is none.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>MarkMenuWords</name>
    <message>
        <source>&amp;Turn clockwise</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn &amp;back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Pull</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>P&amp;ress</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Flow of air or oil</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Look here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do &amp;not touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Distance, with its figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Magnify a detail</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Names</name>
    <message>
        <source>stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>warning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filling not proved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filled while open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left loose</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tightened too early</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>seal not right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be reached</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>machine in the wrong state</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>opened hot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not on stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing to drain into</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>vessel too small</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not on the list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>closed before the test</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no look for leaks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not filled again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too much poured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too little poured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>level not read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>off twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>without effect</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>figure not proved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not recorded</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on, not tightened</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>undone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>closes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lies behind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sits under</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>renewed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds dry</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>refill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two actions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>late caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>usual caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>typed number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two names</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unclear it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>passive</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>vague</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no tool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no verdict</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unexplained word</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spelling</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>torque</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>amount</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>size</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>grade</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pressure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>temperature</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interval</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>length</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>share</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>force</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at least</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>proved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>disputed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unknown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>warm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stopped</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>running</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dipstick resting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dipstick screwed in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sight glass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>weeping plug</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ethylene glycol</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>propylene glycol</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>which part is it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what is it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what comes before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what stops the job</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>which fastener goes where</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is it good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has learned it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worked by it, not yet well</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worked by it, not assessed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worked by it with help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>works by it alone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the next service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>watch it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the store</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>out for repair</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>photograph</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>receipt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what was done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>within</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing to judge it by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>alone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>settle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>call-out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add-check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turn back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pull</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>press</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>flow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>look</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>do not touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>distance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>magnify</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>old</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fastener</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>seal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fluid</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>vessel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>protective gear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bottom</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>top</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>vent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new each time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new if damaged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>maker&apos;s book</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>label on the part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drawing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measurement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>maker&apos;s word</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not filmed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>look up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>talk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>danger</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>notice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on level ground</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>isolated</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>isolated and locked off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from the desk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on a stick</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by the learning platform</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on a circle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on a rectangle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in a line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>does not go on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rounds off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>steel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>aluminium</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plastic</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pack as it was issued</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PDF for the archive</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>black and white, two columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one page for the bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>check of the learner, with a sheet of answers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>course for a learning platform, SCORM 1.2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>course for a learning platform, cmi5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>DITA topics</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>table of figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>procedure as JSON</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>captions of the clips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>calendar of what is due</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>book to print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for the panel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for the filter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for a part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>altered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>intact and signed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>intact, and issued by this library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>intact, but not what this library issued</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>intact, but nobody trusted here vouches for it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reader</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>author</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>checker</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trainer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keeper</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Narration</name>
    <message>
        <source>No timed text is in this file; a narration is WebVTT, SRT or paragraphs that begin with a time such as [1:23].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No line of this narration has times that can be read; check that they look like 00:01:23.000 --&gt; 00:01:26.500.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Numbers</name>
    <message>
        <source>&quot;{0}&quot; can be read two ways; write it as {1} or as {2}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no number; write it as 18, 7.5, 5/8 or 1 3/4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; can be either: {1}</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>OpenPoints</name>
    <message>
        <source>Step {0}: {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it was drafted from what was said; look at it and confirm it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has no heading yet; say what is done, as an order.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no instruction is written yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the text names {0}, which is not in this guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; was taken from the tape but no line gives it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} says: {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the two pictures of a pair are the same frame.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing marks what differs between the two pictures of a pair.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no picture shows it yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is called out but nothing in the step speaks of it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is named but not called out on its picture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}: {1} can be read two ways; write it without the sign, or with other decimals.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is {1}. {2}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} stands here twice, {1} and {2}: join the two, or give each the variant, condition or purpose it is for.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} stands on {1}, {2}; a newer edition is here: look it up again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A follow-up names {0}, which is not in this guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide has no steps yet: bracket them on the tape or add them on the sheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide has no guide number yet; give it one in the guide settings.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That figure is no longer in the guide.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>OwnKeysWords</name>
    <message>
        <source>Press the key the command is to have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 goes from one place to the next, everywhere.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is typed there. Press it with Ctrl or Alt.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Pack</name>
    <message>
        <source>The film in {0} is not the recording “{1}” any more: it was replaced, cut or damaged. Put the original back, or import it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recording “{0}” was changed while the pack was made; leave it alone and issue again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recording “{0}” is away, so its pictures cannot be made; put the file back where it was and issue again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Making the pack was stopped; nothing of it is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture {0} could not be made; close other programs and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no room in the folder for temporary files to make the PDF; free some space and issue again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something else writes where the pack is made: {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are more files than a pack can have; choose the folder of the pack itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no pack at {0}; choose the folder of an issued pack, or its file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no issued pack; choose the folder that holds guide.html and manifest.json.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The PDF cannot be made: the program weasyprint is not installed. Install the package weasyprint and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Making the PDF took too long and was given up; try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Making the PDF was stopped; nothing of it is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The PDF could not be made ({0}); try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no room in the folder for temporary files to make the PDF; free some space and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A picture of the kept pack cannot be read; verify the pack.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no room in the folder for temporary files for the pictures; free some space and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is no list of signatures.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Page</name>
    <message>
        <source>What was read on the page came back in a form nobody knows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row {0} of what was read on the page has no place.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Paper</name>
    <message>
        <source>The program {0} is not installed, so this cannot be read; install it, or type what stands there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading was stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It took too long and was given up; try a smaller file, or one page of it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is not there; choose the file again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a folder; choose the file in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is neither a PDF nor a picture; scan or photograph the page and choose that.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is locked with a password; unlock it, or photograph the page.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a damaged PDF; get it again, or photograph the page.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} has {1} pages, which cannot be shown here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has one page only.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has the pages 1 to {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page {0} of {1} cannot be shown; the file is damaged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This cannot be read: {0}</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Plan</name>
    <message>
        <source>Step {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} during the wait of step {1}, and move {2} more: {3} less.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} during the wait of step {1}: {2} less.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} and {1} more in another place: {2} less.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} in another place: {1} less.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That step is no longer in the guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say how long hands are needed, as a time: 5 min.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>Look: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
Good: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
Stop: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
✓ It is good.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
✗ Not good.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>within limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>below the limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>above the limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing to judge it by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1 gains: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1 loses: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1 gains the caution: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1 asks for level ground.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The steps change places.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · part number %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kit: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tools and vessels, in the order of use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New parts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fluids</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody in the register has it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is with: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>today; or as in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> and </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, into %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, with %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not filmed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>look up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>talk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>taken back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not seen</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Reasons</name>
    <message>
        <source>No guide is open; open one on the Shelf.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Records</name>
    <message>
        <source>Nobody of the name “{0}” is in the register of learners; add the learner first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Records are added one after the other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say who you are, by post.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A key is registered for a post; name it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This key of the {0} is registered already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} has a key; end that one before another is registered.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This key was {0} of the {1}; make a new one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why the key ends.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} has no key that could end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name the learner, by post: learner 07.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is in the register already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition {0} is withdrawn ({1}); it is not handed out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition {0} is withdrawn ({1}); nobody learns from it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why the edition is withdrawn.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition {0} is withdrawn already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why the record was a mistake.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no such record, or it is struck already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only checks, hand-outs and what was learned can be struck.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library holds a record of the kind “{0}”, which a newer version of Anagraph wrote.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A record “{0}” is not written as it must be.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A record says of what kind it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is no list of keys; take what anagraph-cli key list --json prints, or a .pub file.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Review</name>
    <message>
        <source>{0} on the {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step {0}, {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is disputed: resolve it at the Figures with a reason.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step {0}: {1} asks “{2}”: answer it, or take it over into the guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Noted as not filmed: “{0}”. Film it and remove the note, or remove what it asks for.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n learners have edition {0} and will be told: {1}.</source>
        <comment>One learner has edition {0} and will be told: {1}.</comment>
        <translation>
            <numerusform>One learner has edition {0} and will be told: {1}.</numerusform>
            <numerusform>%n learners have edition {0} and will be told: {1}.</numerusform>
        </translation>
    </message>
    <message>
        <source>Resolved by the author: {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}, kept as it is: {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing found.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Service</name>
    <message>
        <source>No such service is in the logbook; it counts from the beginning.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no day; write it as 2026-03-31.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say how often: give at least one interval, as in &quot;100 h&quot; or &quot;12 month&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The last service lies after today.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter was read before the last service or after today.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hard use shortens an interval: a share between 0 and 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The days to avoid end before they begin.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An interval of {0} never ends.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no interval: hours, a distance or a time by the calendar are.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For an interval of {0} the meter&apos;s reading now and at the last service are needed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The interval is told in {0}, the meter in {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both readings must be hours, or both a distance.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meter reads less than at the last service: was it changed?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{0}” is no stretch of days; write it as 2026-08-01..2026-08-21.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} ends before it begins.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By its use it was due on {0}; the meter was last read on {1}: read it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is overdue.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine has not run since the last service, so no day can be forecast; it is due at {0} {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By the meter, at {0} a day.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By the calendar.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It falls into {0} to {1}, which has begun: do it today or accept that it is late.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pulled before {0} to {1}, into which it would fall.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Shop</name>
    <message>
        <source>This library issued nothing under the mark {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say which variant of the machine it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin the work first; a photograph belongs to a step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The work is not at its end yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is no calendar that can be taken in: {0} Save it as .ics and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For TLS both are needed, the certificate and its key: --cert FILE --key FILE.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The certificate {0} and the key {1} cannot be used; both must be PEM files that belong together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Port {0} of {1} cannot be had: another program has it, or it is not allowed. Choose another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The kept pack of edition {0} is not what was issued: {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no edition {0} of “{1}” in this library.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say to whom it is handed out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody of the name “{0}” is in the register of learners.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The group “{0}” has no learners.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the recogniser &quot;{0}&quot; wrote has no times; it has to write WebVTT or SRT.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing that is said could be heard in {0}; type what is said on the Tape.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} was changed while it was copied; wait until it is written, and import it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The copy of {0} does not read as it was written: the disk of the library fails. Check it, and import the recording again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is a folder; choose the recording in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The path of {0} holds signs that are no text, so it cannot be remembered; rename the file or its folder, or import it as a copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} lies in this library already; it is on the Shelf.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} It cannot stay where it lies; import it as a copy, which gets new times.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This house issues whole translations only. {0} Translate them on the Sheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n changes of this guide could not be read; look through it, and make the last change again.</source>
        <comment>1 change of this guide could not be read; look through it, and make the last change again.</comment>
        <translation>
            <numerusform>1 change of this guide could not be read; look through it, and make the last change again.</numerusform>
            <numerusform>%n changes of this guide could not be read; look through it, and make the last change again.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing has changed since edition {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This house signs what it issues: give the key of the author and the key of the checker.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No key of the {0} is registered in this library; register it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The key of the {0} is not the one that is registered now; use that one, or end it and register the new one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} has not checked the guide as it stands; have it reviewed first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say who wrote it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say who checked it: a second person, by post.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Author and checker are the same; a second person checks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition {0} lies in the library&apos;s folder, but library.db does not know it: it is older than the pack. This one is edition {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} holds other files; choose an empty folder for the pack, or another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} holds a pack that was altered, or other files beside one; choose an empty folder, or another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} holds a pack of another guide; choose an empty folder, or another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The copy of the pack is not what was issued ({0}); check the disk of {1}, and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no text in UTF-8; save it again as CSV, UTF-8.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line {0} of the list names no learner.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The signature of {0} does not hold for this run: it was altered, or signed with another key.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A photograph of this run is not the one it names; hand in the file as the guide saved it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This library issued no edition {0} of “{1}” under the mark {2}; the run is not taken in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook knows no machine “{0}”; add it first, then take the run in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writing the book was stopped; nothing of it is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook knows no machine “{0}”; add it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Entry {0} is no sample.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody has to be told anything.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}: give the file the ending .pdf, .html, .txt or .ics.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The search was stopped; the recording is still away.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is no folder; choose the folder or the card the recording may lie on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>The recording is not in {0}: %n files looked at, {1} of its length, none with its content. Look in another folder, or import it again.</source>
        <comment>The recording is not in {0}: 1 file looked at, {1} of its length, none with its content. Look in another folder, or import it again.</comment>
        <translation>
            <numerusform>The recording is not in {0}: 1 file looked at, {1} of its length, none with its content. Look in another folder, or import it again.</numerusform>
            <numerusform>The recording is not in {0}: %n files looked at, {1} of its length, none with its content. Look in another folder, or import it again.</numerusform>
        </translation>
    </message>
    <message>
        <source>The search was stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say who checks, by post.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} changed this guide since the last edition; a second person checks it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That place is not in the guide any more; look at the list again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This place was not passed as it stands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its page is not in the library; add the source&apos;s page again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its page is not what was kept; add the source&apos;s page again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The check was stopped; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its pack is not in the library; put its folder back from a copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its pack is not what was issued; put its folder back from a copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was learned from it is not in the library; import the recording again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The film is not in the library; find its original on the Shelf.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The film is not where it lay; find it on the Shelf.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The film is not what came in; find its original on the Shelf.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Signal</name>
    <message>
        <source>DANGER</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WARNING</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CAUTION</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>NOTICE</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>StepCard</name>
    <message>
        <source>What the line orders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dry run:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At the machine:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The editor can put it right.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>StepCommandsWords</name>
    <message>
        <source>This picture is kept for the step that is marked over it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is the sharpest picture of the step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no pause in the sound of this recording.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The edge stands at a pause already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is looked at here? What is good and what stops the job is written on the Sheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is waited for? (&quot;until the oil has run down&quot;)</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n steps were drafted from what was said. Look at each and confirm it.</source>
        <comment>1 step was drafted from what was said. Look at it and confirm it.</comment>
        <translation>
            <numerusform>1 step was drafted from what was said. Look at it and confirm it.</numerusform>
            <numerusform>%n steps were drafted from what was said. Look at each and confirm it.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>StepFormsWords</name>
    <message>
        <source>Choose a step first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Applies to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Applies to, and machine state</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide is for one kind of machine; name its variants in the guide settings to tell them apart here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A step applies to at least one variant; remove the step where it applies to none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A caution before what it warns of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The caution by its parts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another hazard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Hazard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What can &amp;happen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it will kill or seriously injure: DANGER</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it can kill or seriously injure: WARNING</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it can cause a minor injury: CAUTION</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it can damage the machine or the surroundings: NOTICE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Source of harm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hot oil</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What it &amp;does</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>burns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How to &amp;avoid it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let it cool; wear gloves.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The signal word follows from what can happen, not from taste (ANSI Z535.6, ISO 3864-2). The maker&apos;s book and the site&apos;s rules come first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what does the harm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what can happen and how to avoid it: a warning alone does not help the reader.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is looked at, and what is good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Look at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mesh of the strainer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Good is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>whole and clean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stop when</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>torn or full of chips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Then &amp;ask</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the instructor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Write down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing; or what is read: hour meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>h, bar, mm; empty where a word is written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Must lie &amp;within</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no limits are known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what is looked at.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what is good and what stops the job; a check without both leaves the learner alone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no unit known here; h, bar, mm, L and °C are.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what is written down.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How &amp;long</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no time is known: until what is said below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For &amp;what</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>until the oil has run into the sump</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say how long, or what is waited for.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How one kind of display is set back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>display with two buttons</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One more press</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A further row for a button that is pressed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Presses</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say which display it is: a learner has to know it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say which button is pressed first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>button: MODE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Button %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How often</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How long</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>display shows then</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Display shows %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set a display back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another display</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Which</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take it out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Do</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to remove yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Follow-ups</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is done after the job: look again after the first hour, tomorrow, when cold. It is printed at the end of the guide, with a box to tick. {item:…} and {figure:…} name things as in a line. An empty row is removed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after the first hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>look again for a drip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>When %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each needs both: when, and what.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comments on this step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comments on line %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Answer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what came of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>done with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Who says it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by post: checker, learner 07</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Comment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what is unclear, wrong or missing here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say who says it, by post.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Tape</name>
    <message>
        <source>Nothing that is done was heard on this recording; bracket the steps by hand with [ and ].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything that was heard is in a step already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no step here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This step is no draft; there is nothing to confirm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no step here yet; bracket one first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This caution is in the step already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An empty note says nothing; write what is missing or to be looked up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is noted here already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This note is gone already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between this line and the next one tied to the film the words would run at less than half or more than double their pace; untie that line, or choose the moment again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A line cannot be emptied; drop it as talk if it says nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An empty line says nothing; write what is done or said here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A line you typed begins at this moment already; E changes its words, or type the new one a frame later.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No line you typed begins at this moment.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is said here that could be tied to the film.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This line is not tied to the film.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no step here; bracket one first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This step has no stretch in this recording.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A step is divided within its stretch of the tape; go to a frame between its ends.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is the last step; there is none after it to join.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The two steps follow different methods; choose one method for both, or leave them two.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The two steps apply to different variants; they stay two.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A step needs a stretch of the tape; its ends cannot meet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step has this one take only; press A to bracket another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is the best take already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is the step&apos;s only take; remove the step if it is not wanted.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>TapeReasonsWords</name>
    <message>
        <source>This recording has a narration; correct its lines where they are wrong.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This recording has no sound; type what is done, a line at a time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No recording is open; import one on the Shelf.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no step at this moment; open one first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every drafted step is confirmed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No step is open; open one where it begins.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the step that is done again here first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This step has one take only.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is said at this moment.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This recording has no narration; let the program hear it, or type lines.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is being heard.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Confirm the drafted steps first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No untaken figure is said in this line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This line has no mark that is still open.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody is heard at this moment.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no line of the narration here that could be tied to the film.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no note within two seconds of this moment.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No other camera is aligned with this recording.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide has no other recording.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Tasks</name>
    <message>
        <source>What was said and what the book gives still stand against each other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No source gives the value any more; Undo brings it back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step has no check of the wing nuts yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The new check does not say what to look at.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The new check does not say what is good.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The new check does not say what stops the work.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The wing nuts have no number on a picture yet.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Taught</name>
    <message numerus="yes">
        <source>%n runs</source>
        <comment>1 run</comment>
        <translation>
            <numerusform>1 run</numerusform>
            <numerusform>%n runs</numerusform>
        </translation>
    </message>
    <message>
        <source>{0} ({1} times)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{1} of {2} stopped here: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left out in {1}: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{1}: outside its limits: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{1}: near its limits: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Did not look good: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Found here: {0}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Asked about this step, %n learners were wrong at first.</source>
        <comment>Asked about this step, 1 learner was wrong at first.</comment>
        <translation>
            <numerusform>Asked about this step, 1 learner was wrong at first.</numerusform>
            <numerusform>Asked about this step, %n learners were wrong at first.</numerusform>
        </translation>
    </message>
    <message>
        <source>{0} in the middle of {1}, half of them {2} to {3}</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Torque</name>
    <message>
        <source>Between 1 and {0} bolts can be put in order.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each stage must be above the one before, as in 20,40,60.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Widths across flats between 3 and 100 mm can be compared.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} flat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} flats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>about {0} flat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>about {0} flats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no metric thread; write it as M6 or M14x1.5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Threads from M2 to M48 are known here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>M{0} has no coarse pitch in ISO 261: say which pitch it has, as in M14x1.5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no property class known here; one such as 8.8 or 10.9 is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} in {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}, hollow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} N·m is far above the usual {1} to {2} N·m for {3}: a slip of unit?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} N·m is far below the usual {1} to {2} N·m for {3}: a slip of unit?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The torque must be more than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The arm, from the drive to the middle of the grip, must be longer than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The extension cannot be shorter than nothing; turn it with --angle 180 to fold it back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The angle is given in degrees between 0 (in line) and 180 (folded back).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folded back that far the fastener lies under the hand: no setting turns it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The scale needs a step between its marks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The scale must run upwards, from its first mark to its last.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is beyond the end of the scale at {1}: take a larger wrench.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is below the first mark at {1}: take a smaller wrench.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} is below 20 % of the scale&apos;s end ({1}), where a wrench is no longer accurate: take a smaller one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The nearest mark is {0} % off and the wrench itself may be {1} % off; together that is more than the {2} % allowed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The nearest mark is {0} % off, more than the {1} % allowed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mark {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>mark {0} and %n fine marks more</source>
        <comment>mark {0} and 1 fine mark more</comment>
        <translation>
            <numerusform>mark {0} and 1 fine mark more</numerusform>
            <numerusform>mark {0} and %n fine marks more</numerusform>
        </translation>
    </message>
    <message>
        <source>Its effective length is not known, so the extension cannot be reckoned with: measure it, or set the extension at right angles.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was never calibrated, or nobody wrote it down.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its calibration ran out on {0}: have it calibrated first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set {0} {1} ({2}): that is {3} N·m at the fastener, {4} %.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The wrench sent “{0}”: {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The wrench sent a line that is none; readings may be lost.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading {0} of the wrench was lost; take it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Readings {0} to {1} of the wrench were lost; take them again.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Translation</name>
    <message numerus="yes">
        <source>%n texts are not translated</source>
        <comment>1 text is not translated</comment>
        <translation>
            <numerusform>1 text is not translated</numerusform>
            <numerusform>%n texts are not translated</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n texts changed since they were translated</source>
        <comment>1 text changed since it was translated</comment>
        <translation>
            <numerusform>1 text changed since it was translated</numerusform>
            <numerusform>%n texts changed since they were translated</numerusform>
        </translation>
    </message>
    <message>
        <source>{0}: {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}: {1}, and {2}.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Units</name>
    <message>
        <source>{0} newton metres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} newton metre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} foot pounds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} foot pound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} inch pounds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} inch pound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} kilogram-force metres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} kilogram-force metre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} turns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} degrees</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} degree</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} litres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} litre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} millilitres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} millilitre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} US quarts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} US quart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} US gallons</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} US gallon</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} US pints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} US pint</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} US fluid ounces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} US fluid ounce</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} imperial gallons</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} imperial gallon</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} imperial quarts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} imperial quart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} imperial pints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} imperial pint</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} imperial fluid ounces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} imperial fluid ounce</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} millimetres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} millimetre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} centimetres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} centimetre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} metres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} metre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} inches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} inch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} thousandths of an inch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} thousandth of an inch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} kilopascals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} kilopascal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} bar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} megapascals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} megapascal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} pounds per square inch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} pound per square inch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} degrees Celsius</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} degree Celsius</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} degrees Fahrenheit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} degree Fahrenheit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} seconds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} second</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} minutes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} minute</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} hours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} kilometres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} kilometre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} miles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} mile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} weeks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} week</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} months</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} month</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} years</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} year</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} revolutions a minute</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} revolution a minute</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} per cent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} newtons</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} newton</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} pounds of force</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} pound of force</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} times</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>once</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>weeks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>months</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>years</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Values</name>
    <message>
        <source>not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} to {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}, then {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at most {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at least {0}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} turns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0} {1}</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{0}, then {1}°</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Verbs</name>
    <message>
        <source>drain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>replace</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tighten</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>loosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>inspect</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lubricate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reset</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lift</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pump</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bleed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>adjust</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>record</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dispose</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>connect</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>disconnect</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>isolate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>release</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hold</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>WordCommandsWords</name>
    <message>
        <source>“%1” for “%2”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same elsewhere</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>The same was heard in %n other lines. Put it right there too: %1?</source>
        <comment>The same was heard in 1 other line. Put it right there too: %1?</comment>
        <translation>
            <numerusform>The same was heard in 1 other line. Put it right there too: %1?</numerusform>
            <numerusform>The same was heard in %n other lines. Put it right there too: %1?</numerusform>
        </translation>
    </message>
    <message>
        <source>&amp;All of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;This line only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not filmed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is missing here and has to be reshot?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What has to be looked up?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For yourself, at this moment:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Words of this line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recogniser heard: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>You typed this line; left empty, it is removed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type a line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is done or said here? The line begins at this moment; the film plays on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Speaker</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who speaks from this line on? Empty: as the narration says.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is heard here. Tie a second line further down where words and film drift apart.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No other recording of this guide heard the same; they were made one after the other, or the sound is too different.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both heard the same for %1; the same moment can be seen in the other now.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>WorkedOut</name>
    <message>
        <source>No fluid but the {0} is drained or filled.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It shares the word “{0}” with the {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is drained next after it is undone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is filled next after it is undone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} closes the {1} at the bottom.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} closes the {1} at the side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} closes the {1} where it is filled.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} vents the {1} at the top.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is called “{0}”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reached only past the {0}: the {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It came off after that and went back before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its name says so.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} goes on next after it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} sits under the {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is new each time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} is new if damaged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its size says “{0}”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of {0}, {1} is all the system holds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of {0}, {1} goes in again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure is called “{0}”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The {0} holds {1}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is the figure about it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::BackingUp</name>
    <message>
        <source>A backup of this library is due, and %1 is not there. It is made once it is.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::BackupDialog</name>
    <message>
        <source>Backup</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a folder first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On another disk, or on a stick.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back up now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Makes one beside your work and tries it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stops it; the backups before it stay.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None is being made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Backups of this library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a folder on another disk, or on a stick</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the backups go</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One every</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many days from one backup to the next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is made while you work, when it is due and the folder is there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Backups that are there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each was tried by opening it; the last three stay. On another computer: anagraph FILE.zip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far the backup is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is being made and tried</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A folder for backups</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 · %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None is made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None is there yet.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::BenchPicture</name>
    <message>
        <source>No picture</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::BenchStation</name>
    <message>
        <source>Go on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin a run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin the work</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done, next line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start the clock</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The wait is over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meanwhile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wait %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To the next step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>End the run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put into the logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done, go on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin a run: %1 %2, edition %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its name or serial, or the code of its label</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Variant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Who works</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>learner 07</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Assessed by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook knows no machine “%1”; add it there first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write down: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It should be %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>24.8, or 18.3 lbf.ft</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not good: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;What do you see</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in a word or two</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what you see.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why it stays as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both readings are kept, and this reason with them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Reason</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the instructor has seen it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the reason.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop, and ask</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave the step out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A run with a step that stopped is no service. It can be done again later, or the run ended.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Why</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the thread is crossed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>done last week</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Found something</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;What</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a chafed pipe, a cracked belt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put &amp;right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what you found.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written down; it stays open in the logbook until it is put right.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is open on this machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put right today</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;How</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new hose fitted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is closed in the logbook.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was used</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gear oil</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Amount</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1.7 L, or 1 x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part number; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Batch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from the label; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written down; the store counts it when the run is in the logbook.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The photograph is kept with this step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Photographs of this step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures (*.jpg *.jpeg *.png)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The photograph could not be written to %1: %2. Make room there and take it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 came from the wrench, but no run is in hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The wrench is off the line; readings are typed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wrench on the line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A reading of the wrench is written down by itself, and a good one goes on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Port</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>/dev/ttyUSB0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The wrench is on the line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everybody who has to has signed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sign the run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whoever signs says that it happened as it stands here. After the first signature nothing of it can be changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Who signs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run on %1 is entry %2 of the logbook.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give up this run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was written down in it is lost; it cannot be brought back. A run that stopped belongs into the logbook: go on, stop and end it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run was given up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The certificate is being written to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The certificate is in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is to be done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Progress</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Work at the machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs under way, and editions to work by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far the learners are</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Learners and guides</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before the work</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kit and protective gear, to be ticked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step in hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At the end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The steps, and how each was done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One step at a time, with what is read and seen written down as it happens. The same is in every pack, for a tablet without a network.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to be signed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before the work</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Under way: %1 %2, %3, %4, %5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2, edition %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No edition is issued yet; issue a guide first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>serial %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wrench on the line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lay out the kit, put on the gear, make the machine safe. The maker&apos;s current book, the site&apos;s lock-off rules and licensed practice come first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not put right since %1: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gear: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine is safe: isolated and locked off as the site&apos;s rules say.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>picture %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The work is done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The work stopped; it counts as no service.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> (%1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Signed by %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At the machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No step is open; go on, or do one again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This step has nothing to look at.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The one large key, or a foot pedal: the next line, the clock of a wait, the next step, what can be done meanwhile.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pedal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begin a run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>go on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writes down what was read; both readings stay where one was outside its limits.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This step wants no reading.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>torque</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was looked at, and it is good.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>passed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was looked at, and it is not good; says what is seen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>failed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why it stays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Goes on although a reading is outside or a check is not good; the reason is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything here is as it should be.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reason</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>deviation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>accept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop, ask</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The work stops at this step, and why.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>problem</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Photograph</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keeps a picture with this step, as evidence: by a camera, or from a file; files can be dropped here too.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>evidence</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>camera</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is not put right today: it stays open in the logbook until it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>finding</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>damage</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>defect</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pause</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The time of the step stands still; waits run on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>break</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This step once more from its first line; what was read and photographed stays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No step is in hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repeat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>redo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This step is left out, and why.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>skip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something found before is put right today; it is closed in the logbook.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repaired</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fluid or part taken from the store, with its batch.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>store</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>oil</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>batch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next picture of this step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This step has no other picture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looks at the step before this one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step after</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looks at the step after this one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ahead</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ends a run that stopped; it goes into the logbook as no service.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No run is in hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>finish</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>abort</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Alone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step was done alone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>assess</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step was done with help.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step is not mastered yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who worked and who assessed sign; with a key where they have one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>signature</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Certificate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A page for the learner: what was done, what was read, who signed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The certificate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>certificate.pdf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pdf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>record</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put aside</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leaves the run as it is; it waits on this page.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give up run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was written down in it is lost.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>delete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes the readings of a wrench on a serial port, or lets it go.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>serial</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>usb</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>torque wrench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop writing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stops what is being written; nothing of it is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is being written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n photographs are kept.</source>
        <comment>1 photograph is kept.</comment>
        <translation>
            <numerusform>1 photograph is kept.</numerusform>
            <numerusform>%n photographs are kept.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::CameraDialog</name>
    <message>
        <source>Photograph of this step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the camera sees</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is to be done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Camera</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Camera</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Photograph</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Holds what the camera sees; the same key keeps it with the step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera shows nothing yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shoot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pedal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not this one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looks through the camera again; nothing was kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is taken yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blurred</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes a photograph that lies in a file instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>phone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No camera is connected. Connect one and choose it below, or take a photograph from a file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Waiting for the camera …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go near and hold it still: the part that matters, sharp.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is it sharp, and is what matters on it? Then keep it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::CareDialog</name>
    <message>
        <source>The still as it is shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw on the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep this part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Hide this part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> tenths of a degree</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brightened</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Brighten</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>top</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bottom</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hidden</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hidden parts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Add</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Show it again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A face, a number plate, a screen: what is hidden is gone from everything that is issued. The recording is not touched.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As recorded</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::CareView</name>
    <message>
        <source>The still; draw over what is to be kept or hidden</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::ChangeLineView</name>
    <message>
        <source>On the number line: %1; %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::ClipDialog</name>
    <message>
        <source>The clip the learner gets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The film at the frame in hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plays the clip as the learner sees it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use as still</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This frame stands for the clip before it is played, and in print.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The clip begins with this frame.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>End here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is the last frame of the clip.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At half or a quarter of its speed, and back; slowed clips are silent.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With its sound or silent.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drawn over it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No sign or number is chosen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add sign or number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draws a sign or a part&apos;s number over the clip from this frame on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen sign or number is drawn no longer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen sign or number shows from this frame on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Until here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen sign or number shows until this frame.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move far end left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move far end right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move far end up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move far end down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Moves the chosen sign or number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Moves the far end of the chosen sign.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frames</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frame back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows the frame before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frame on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows the next frame.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Goes to where the clip begins.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Last frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Goes to where the clip ends.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Signs and numbers over the clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A click places the chosen sign, a drag its far end. All keys stand in the menu of the right button.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1
from %2 to %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 in the pack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, size is being measured …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; %1 times slower, so without sound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; without sound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; with sound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2. The clip runs from %3 to %4.%5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>outside of the clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> It is shown by its still at %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A clip begins before it ends; move its end first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A clip ends after it begins; move its beginning first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The still is one of the clip&apos;s own pictures; go to one of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It stays for a while: its end comes after its beginning.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recording is missing, so its size cannot be measured; the clip is kept all the same.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::ClockView</name>
    <message>
        <source>%1 (step %2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; meanwhile: step %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No wait is running</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>While you work</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::ColourDialog</name>
    <message>
        <source>Colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours of the window</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Guides go out as they always do. The window is opened anew where you were.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As the desktop asks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>High contrast</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::ComingFilms</name>
    <message>
        <source>The film %1 comes to this computer</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::CommandRow</name>
    <message>
        <source>What can be done here</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::DecideDialog</name>
    <message>
        <source>Two changes of one thing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Yours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Theirs, as it stands now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Decide &amp;later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Yours stays on this computer; theirs stands in the guide until then.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Mine stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where both changed the same, yours takes the place of theirs. What else they changed stays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Theirs stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Yours is given up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>You and somebody else changed this. Which of the two stands?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>You and somebody else changed this. Which of the two stands? After it %1 more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what both came from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not there: you removed it, or nothing can be shown of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not there: removed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not there yet</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::DeskDialog</name>
    <message>
        <source>The desk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Address of the desk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Port</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Port</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who reads what</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The desk is closed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the desk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tablets and browsers in the workshop&apos;s network can read the current editions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The desk is open.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>serve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>network</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print this address on pages</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pages of the next editions carry a code that asks this desk whether they are current.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>They carry it already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>qr</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>code</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close the desk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody can read from it any more; what is being read ends.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The desk is closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The desk shows the current editions and answers whether a printed page is current. It serves issued editions only; a stranger can read them and change nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printed pages carry their mark as words.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printed pages ask %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next tablet is paired with the code %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2 · %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody has opened a guide yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The desk is open, also while this is closed. Scan the code with a tablet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print the desk&apos;s address</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pages of the next editions ask this desk.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::DetailsDialog</name>
    <message>
        <source>Applies to: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>(no item)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;About</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tightening torque</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Purpose</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Applies to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cold; new seal; first 20 h; nothing where it always holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;When</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>KQ-FC1, KQ-FC0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Replaces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Older numbers in whose place it stands. Evidence that names one of them then agrees.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>min; not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How the level is read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Oil and gear are</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Machine is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Time after stopping</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Read by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A figure applies to one variant at least; remove it where it applies to none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is no number of minutes.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::DryRunStation</name>
    <message>
        <source>The machine at this place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the fix does</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>(no heading yet)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  %2 · %3
%4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2, %3. %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>↕  Another order
%1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another order. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>?  Worked out
%1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Worked out. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · step %2
Kept: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing to walk yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The order works</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fix: %1.
%2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dry run finds nothing in that order that it does not find in this one.%1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> No order is shorter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dry run goes by this until you say otherwise.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1

Why is it kept as it is? (the reason is printed for the checker)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The film shows %1 of hands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Empty: as the film shows it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> At the machine it took %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hands-on time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How long are hands needed for “%1”? %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dry run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide has no step yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take fix</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Does what the fix says; it is undone like any change.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No way to mend it is certain; go there and decide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mend</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repair</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>correct</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows the line it was found in on the Sheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The order stays, with your reason; it is printed for the checker.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>answer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ignore</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reason</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ask again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The answer is taken back, and the finding asked again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>withdraw answer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is so</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was worked out is taken over into the guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>confirm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>accept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is not so</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is worked out there any more; what is true is set with Relations.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Relations</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What an item closes, what it lies behind, what a seal sits under, how much a system or a vessel holds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide names no items yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>closes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>behind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>seal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>capacity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take this order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The steps change places as the plan says; it is undone like any change.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No order is shorter than the written one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reorder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>suggestion</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plan for two</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plans the work for one person or for two.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two people</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>crew</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plan for one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How long hands are needed for the step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>minutes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>duration</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep in place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step stays where it is in every plan.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fix</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let it move</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Somebody stays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hands are needed while the step waits: holding, pouring slowly.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step does not wait.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>attended</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody is needed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play the job</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Goes down the steps and shows what happens; with the picture in hand, as long as Space is held.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>walk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>simulate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop playing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next variant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows the job for the next variant of the machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide has no variants.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Variant: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is laid out before the job, as a list to tick; it can be printed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tools</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>parts list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n findings to decide</source>
        <comment>1 finding to decide</comment>
        <translation>
            <numerusform>1 finding to decide</numerusform>
            <numerusform>%n findings to decide</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::DuePanel</name>
    <message>
        <source>&amp;Every</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>100 h; 12 month</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;First at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>20 h; nothing where it is the same</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is the &amp;first service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;hard use: half the interval</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Last: meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>202 h, 1200 km</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Last: &amp;day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Now: meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>302 h</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Now: d&amp;ay</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not &amp;within</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>When it is due</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say when it was serviced last; what follows stands here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say at what the first service is, or take the tick away.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;&lt;b&gt;Overdue.&lt;/b&gt;&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;Service it by &lt;b&gt;%1&lt;/b&gt;.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;By the meter it is due at &lt;b&gt;%1 %2&lt;/b&gt;.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;%1 %2 are left.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>last service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>due by the meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>due by the calendar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>today: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>today</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>service by %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>service by then</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kept free from then to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::EditionPanel</name>
    <message>
        <source>The edition in hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who learned it has to read it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was not there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is not there any more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What changed on the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What changed</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::EndedDialog</name>
    <message>
        <source>Every change you made is saved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is saved up to its last change: %2, %3, by %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Anagraph ended without closing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The last time, Anagraph ended without closing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Words in a field that was not left yet were not saved. A run on the Bench is where it was.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A report for whoever looks after the program</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It goes nowhere by itself. Read it, and save it as a file if you want to hand it on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The report</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Save report</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save report</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Text (*.txt)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::ExampleDialog</name>
    <message>
        <source>An example guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printed form of a 100 h service, made from two films. In the pack that goes out the clips play, and the figures show their evidence.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pages of the example guide</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::FigureList</name>
    <message>
        <source>Figures on their number lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>proved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>disputed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>older number, replaced · </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the same · </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>differs · </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” %2, heard by the program</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing said, nothing found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not found: looked in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No figures yet. On the Tape, go to a line in which a figure is said and take it; or add one here by hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No figure passes the filter above.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hear</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::FiguresStation</name>
    <message>
        <source>The tolerance is a number in the unit of the value, as in 2.5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove a source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which source no longer counts?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The page is opened …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 stands here for %2. Escape closes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change the house</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Resolve a difference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why does %1 hold? (printed with the guide)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A difference is resolved with a reason; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take a measured value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It becomes a source of the figure, a measurement with its instrument; the maker&apos;s book comes first where it says something.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where was it looked for? (printed with the guide)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“Not found” says where it was looked for; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no other %1 to merge it with.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Merge two figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which says the same as %1? Its claims and sources come here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>(no item)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tightening torque</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leave empty while it is not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Kind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;About</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Purpose</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show by standing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>any standing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>only %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show by step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show by item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>any step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>any item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>value and unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tolerance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>± tolerance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printed line of its source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every figure is proved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No figure yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> %1 has a newer edition here: look it up again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not said in any recording.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1”, %2 (claim %3 of %4)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; with %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; serials %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p style=&apos;margin:2px 0&apos;&gt;Replaces %1&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p style=&apos;margin:2px 0&apos;&gt;Level: %1&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p style=&apos;margin:2px 0&apos;&gt;Resolved: %1&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No source yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No step uses it yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Used in step %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No figure is in hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Evidence</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Resolve difference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The value holds, with a reason that is printed with the guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its sources do not differ; there is nothing to resolve.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>settle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dispute</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reopen difference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A page, a label or a measurement that gives the figure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>proof</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>book</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measurement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>manual</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play claim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plays the moment where the figure is said.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure is not said in any recording.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pause</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play next claim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plays the next moment where the figure is said.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure is not said a second time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows the page of the book on which the figure stands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None of its sources has a page here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pdf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Follow house rule</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes the value of the source that comes first in this house.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Speech alone proves nothing, so the house rule has nothing to go by.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All sources agree; there is nothing to resolve.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two sources of the same rank differ: find out which holds, and resolve it with the reason.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>precedence</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take measured value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What a run at the machine read with an instrument becomes a source of the figure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No run read it with an instrument.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note as not found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where it was looked for without finding it; printed with the guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure has a source; it was found.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unknown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A source no longer counts for the figure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure has no source.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove proof</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Work it out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A torque for the wrench, an amount as a filling plan, a strength as a mixture, bolts as their order, an interval as its next day.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to work out for this kind of figure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>torque wrench setting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>calculate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filling plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mixture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tightening sequence</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next service due</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>angle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what it applies to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Variants, condition, what it replaces, and how a level is read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>details</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>superseded</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A figure entered by hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>torque</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>capacity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Merge with another</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two figures that are the same become one, with the claims and sources of both.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no other figure of this kind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Split claim off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The claim in hand becomes a figure of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It rests on one claim or source only.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where no step uses it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>View</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The one below.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figure before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The one above.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show open figures only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is not proved yet, or every figure again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show every standing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show every figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is filtered any longer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every figure is shown.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show both unit systems</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Metric and inch beside each other, or as the value was given.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>convert</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>imperial</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>metric</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show values as given</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>House settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which source comes first here, the packs in the store, methods, and the editor&apos;s rules.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>House</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>preferences</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wrench settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>torque wrench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>store</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>methods</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n figures</source>
        <comment>1 figure</comment>
        <translation>
            <numerusform>1 figure</numerusform>
            <numerusform>%n figures</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::FillPanel</name>
    <message>
        <source>What is known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Packs to be had</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sizes and, where known, prices: 1 L@6.50; 5 L@24</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Packs to be had</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sizes and prices, as in
1 L@6.50; 5 L@24</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Machines of the day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Machines of the day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pan holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>T&amp;he pan holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How to fill it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The &amp;dipstick reads</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading between the marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How it is read: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How its level is read is not written down; say it at the figure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What it drains into</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the opened %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use up %1 first. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> and </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open %1. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is left over%2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; it costs %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The open %1 of %2 is left aside: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How much comes out is not known: keep a second pan beside it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 come out: say what the pan holds to see whether it takes them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Pour %1&lt;/b&gt;. Run it, stop, wait, read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Then add %1 at a time, %2 times at most; run, wait and read after each.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop at the upper mark: &lt;b&gt;%1 in all&lt;/b&gt;%2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, going by what came out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For %1 machines: </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what is known of the system on the left; what follows stands here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What lies between the marks is not known, so a reading cannot be turned into an amount.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % of the way over the upper mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>below the lower mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % up between the marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where it stands %1: &lt;b&gt;draw off %2&lt;/b&gt;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where it stands %1: &lt;b&gt;add %2&lt;/b&gt;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is full.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::FilmView</name>
    <message>
        <source>Moving picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The original is missing: this is the small copy. Stills and clips wait for it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a recording on the Shelf.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The film is on its way to this computer. Its lines are here already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Opening …</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::Finder</name>
    <message>
        <source>Find</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a command, a step, an item, a figure, a guide, or what was said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What to find</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking for what was said, too …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Arrows choose, Enter goes there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing found: no command, thing or spoken line matches.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n found</source>
        <comment>1 found</comment>
        <translation>
            <numerusform>1 found</numerusform>
            <numerusform>%n found</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::FleetView</name>
    <message>
        <source>Machines and weeks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>out of service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is overdue, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is due %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>today</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>overdue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No machine is in the logbook yet. Add the first, then read its meter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 was due, overdue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 is due</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, planned for %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kept free from %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n open findings</source>
        <comment>1 open finding</comment>
        <translation>
            <numerusform>1 open finding</numerusform>
            <numerusform>%n open findings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n findings</source>
        <comment>1 finding</comment>
        <translation>
            <numerusform>1 finding</numerusform>
            <numerusform>%n findings</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::GuideRows</name>
    <message>
        <source>%1, %2, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not issued yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>edition %1 issued · changed since</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>edition %1 issued</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open now · %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::GuideSettingsDialog</name>
    <message>
        <source>Guide settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Perrick PT60</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Job</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>100 h service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Guide &amp;number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the workshop&apos;s number, as in KQ-PT60-100</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Interval</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every 100 h or 12 months, whichever comes first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Workshop note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what the workshop adds to the safety statement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Language</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Language</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide&apos;s own texts. The page&apos;s fixed words stay English; usual cautions and the rules of wording are looked for in English only.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Variants</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add variant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A further variant of the machine, to which steps, figures and parts can apply.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove variant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide does without it; what applies to it alone has to go first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No variant is chosen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide is for one kind of machine. Add variants where some steps, figures or parts differ between machines.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing applies to %1 alone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only for %1: %2.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::HeardPanel</name>
    <message>
        <source>Heard and done in this step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heard here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>taken back aloud</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>taken · %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not seen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was found in what is said here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No step here. Open one where it begins and close it where it ends.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>taken</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dismissed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not taken yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2, “%3”, %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::Hearing</name>
    <message>
        <source>Hearing what is said on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 by the program. Listen before you rely on them; words it was not sure of are hatched.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n lines were heard</source>
        <comment>1 line was heard</comment>
        <translation>
            <numerusform>1 line was heard</numerusform>
            <numerusform>%n lines were heard</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::HouseDialog</name>
    <message>
        <source>A pack in the store</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Fluid</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gear oil</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pack &amp;says</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>75W90 GL5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Size when full</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1 L, 1 qt, 500 mL</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Left in it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as much as it holds when it is closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Price of a full one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what fluid it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is left cannot be more than its size, or less than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The price is a number, as in 6.50.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>House settings: kept for all guides</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Workshop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It cannot be moved further.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sources</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This kind of source outranks the one above it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The kind of source below outranks this one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No pack is chosen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Store</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add pack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A fluid that stands in the store: what it is, how much is left.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edit pack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Changes what is known of the chosen pack.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Used up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen pack is empty and goes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where practitioners differ</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What this workshop says where good practitioners do it differently.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Methods</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What listens to films</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The program that hears what is said on films without a narration: its own, or a command of the workshop&apos;s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hearing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where sources differ, the upper one holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which source outranks which</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the store</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Packs in the store</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is open is used up before a new pack is opened, where the pack says it suits.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the editor looks for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rules of the editor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>speech: always last, and proves nothing alone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printed with every guide: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2: %3 of %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pack says nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 a pack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2 questions have a rule of this house: how warm oil is drained, whether a seal is used again, and so on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Films without a narration are heard by the program&apos;s own recogniser.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Films without a narration are heard by: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Issue whole translations only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing goes out while a language of the guide has texts that are missing or out of date.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::IssueStation</name>
    <message>
        <source>What is true of the pack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Progress</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Editions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Places to look at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checked by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a second person, by post</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, passed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, not passed yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Places of the guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing has changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing to look at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>place %1 of %2%3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing stands in the way: pass the places, and check the guide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next edition says what runs at the machine taught:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before the next edition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Withdrawn: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Issued %1 by %2, checked by %3; %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not signed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>signed by both</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first edition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check the guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>You vouch for the guide as it stands now, every place of it. A change after this asks for the check of what changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kept with the check; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Issue edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition %1 is frozen for ever and handed out. Issue it?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Issuing edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition %1 is issued</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its mark, on every page: %1. Hand it out to those who work by it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No browser could be started; open %1/guide.html yourself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every file of the pack is being read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It could not be verified</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the folder to copy the pack into</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition %1 is being copied to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copied</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition %1 is in %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not copied</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;As</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check of the learner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same number asks the same questions, so that a sheet can be printed again. Empty: the edition&apos;s own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>7</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A check is named by a whole number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition %1 is being written to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Exported</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not exported</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Withdraw edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody may work by it any more; this cannot be taken back. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Why</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the torque of the drain plug is wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why it is withdrawn; its holders will read it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition %1 is withdrawn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Tell them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Issue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No edition is issued yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An edition is being issued, verified or copied; wait for it, or cancel it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Review</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keys and learners</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No place is in hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass, next place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The place is right as it stands; goes on to the next that is not passed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This place is passed as it stands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>approve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tick</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the pass back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The place was passed by mistake; a check of the guide that stood on it is taken back too.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This place is not passed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>undo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mistake</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Says to the author what is unclear, wrong or missing here, or answers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No step reads this place; write it on the Sheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reviewer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>answer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hear the moment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plays the film where this was said or done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No recording says or shows this.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>listen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows the place where it is written: the step on the Sheet, the figure with its sources.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is the guide as a whole; its settings open with a press on its name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every place is passed: the guide as it stands is checked, in your name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>You have checked it as it stands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass every place first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sign off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Issue edition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Freezes the edition for ever and writes its pack.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the Issue first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Somebody else than its authors has to check it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter who checked it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>publish</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>release</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>freeze</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open pack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows the edition as its reader sees it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>browser</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>preview</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Verify pack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reads every file of the pack and says whether it is intact and who vouches for it. A pack dropped on the window is verified too.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>signature</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>intact</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy pack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Into a folder or onto a stick, as it was issued.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>deliver</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>export</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>usb</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy as one file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pack as one file, to send on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>archive</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mail</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writes the edition in another form: a card for the bench, a table of figures, DITA topics ...</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pdf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>csv</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>json</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dita</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>card</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>captions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hand out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Records to whom the edition went, and how.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is withdrawn; hand out the current edition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>learner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>give</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Withdraw</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes the edition back, with a reason; says who has it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is withdrawn already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>recall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Learners</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The register of learners: what each has, has learned and has to read again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>register</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>owes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>group</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make a key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A key for a post that signs editions, sealed with a passphrase, and registered here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>passphrase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Register a key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The public part of a key that was made elsewhere.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>public key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>End a key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A lost key signs nothing any more; what it signed before stays good.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No key is registered.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>revoke</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stops what is under way; nothing of it stays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is under way.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n places changed</source>
        <comment>1 place changed</comment>
        <translation>
            <numerusform>1 place changed</numerusform>
            <numerusform>%n places changed</numerusform>
        </translation>
    </message>
    <message>
        <source>What is not translated as it stands goes out in the original:</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::KeysDialog</name>
    <message>
        <source>Swap the two</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Usual key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All usual keys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change keys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The key of each command</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a command and press its new key. The window is opened anew where you were.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>search by command or key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Search the commands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Commands and their keys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Command</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New &amp;key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is “%2” already (%3). The two can swap their keys, or press another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is “%2” already (%3). Press another.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::KitDialog</name>
    <message>
        <source>Kit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kit, as a list to tick</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print as PDF</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writes the list into a PDF, with a box to tick for each thing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be written: %2. Choose another folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print the kit as PDF</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> kit.pdf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::LanguageDialog</name>
    <message>
        <source>Language</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Language of the window</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Guides keep the language they are written in. The window is opened anew where you were.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Languages</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As the desktop asks</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::LearnersDialog</name>
    <message>
        <source>Learners</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Learner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Group</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Has</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To read again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Register of learners</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What has changed for the learner in hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No learner is in hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add learner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enters a learner by post, with the group of the term.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>enter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Confirm edition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The learner has read the current edition, or the page of what changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>learned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take in answers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Judges what learners answered to the check of a guide, and keeps what was passed: what came back over the desk, or files.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Answers to checks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Answers (*%1);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>passed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>desk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change group</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Moves the learner to another group.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>term</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>course</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take hand-out back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The last hand-out to the learner was entered by mistake; it is struck, with a reason.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mistake</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>undo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Has left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The learner has left: nothing is owed any more, the records stay.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>delete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write notices</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A page for each learner with just what changed, or what is withdrawn: to print, as mails, or as things to do.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Notices</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To print (*.pdf);;Mails (*.txt);;Things to do (*.ics);;Page (*.html)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mail</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>calendar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reads learners and groups from a CSV file and adds those who are new.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>List of learners</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CSV (*.csv);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>csv</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writes everybody with what they have and have learned into a CSV file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CSV (*.csv)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, edition %2%3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, confirmed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody is in the register yet. Add learners by post, one by one or from a list.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody learned anything that has changed since.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2: from edition %3 to %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Passed the check of %1 %2, edition %3, on %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has nothing to read again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Learner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by post: learner 07</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Group</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the term, the course</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name the learner, by post.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2, edition %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no current edition left to confirm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Edition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was handed out to %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take a hand-out back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition %1 of %2, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Why</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it was another learner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why it was a mistake.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The list is in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n guides</source>
        <comment>1 guide</comment>
        <translation>
            <numerusform>1 guide</numerusform>
            <numerusform>%n guides</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The answers of %n learners came back over the desk: take them in.</source>
        <comment>The answers of 1 learner came back over the desk: take them in.</comment>
        <translation>
            <numerusform>The answers of 1 learner came back over the desk: take them in.</numerusform>
            <numerusform>The answers of %n learners came back over the desk: take them in.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n learners have to read something again.</source>
        <comment>1 learner has to read something again.</comment>
        <translation>
            <numerusform>1 learner has to read something again.</numerusform>
            <numerusform>%n learners have to read something again.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n notices are in %1.</source>
        <comment>1 notice is in %1.</comment>
        <translation>
            <numerusform>1 notice is in %1.</numerusform>
            <numerusform>%n notices are in %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n learners were added.</source>
        <comment>1 learner was added.</comment>
        <translation>
            <numerusform>1 learner was added.</numerusform>
            <numerusform>%n learners were added.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n were in the register already.</source>
        <comment>1 was in the register already.</comment>
        <translation>
            <numerusform>1 was in the register already.</numerusform>
            <numerusform>%n were in the register already.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::LibraryDialog</name>
    <message>
        <source>This library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where this library lives</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All of it lies in this folder of this computer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its films and packs lie in an object store: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its films and packs lie in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its server cannot be reached; what goes along and where it lives can be changed when it is back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Taken along</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take along</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copies the ticked guides with all that belongs to them to this computer; none ticked: the copy goes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is being copied.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stops copying; what was taken along before stays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is being copied.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A folder that is empty, or not there yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its server cannot be reached.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copies all of it there, compares, and opens it there. The window is closed meanwhile; this library stays as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Films on this computer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 are here, of at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> GB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The most that films take up on this computer, in gigabytes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is needed comes by itself; what was not used for longest goes first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Taken along where the server is not</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Guides that are taken along</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The films themselves too, for stills and clips on the way; without, their small copies only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far the copy is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is being copied</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is taken along yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move it elsewhere</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a new folder, or the address of a database</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where to: a folder, or the address of a database</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An address looks like postgresql://HOST/DATABASE?objects=FOLDER. Everything comes along, and is compared where it arrived. The window is closed meanwhile, and nobody else may have the library open.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A new folder for this library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say where it is to be moved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It lives there already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n guides are with you, as they were on %1; they are kept up to date.</source>
        <comment>1 guide is with you, as it was on %1; it is kept up to date.</comment>
        <translation>
            <numerusform>1 guide is with you, as it was on %1; it is kept up to date.</numerusform>
            <numerusform>%n guides are with you, as they were on %1; they are kept up to date.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::LifeLine</name>
    <message>
        <source>Life of the editions</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::LineField</name>
    <message>
        <source>one action; type { to name a figure or an item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write what is done here</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::LogbookStation</name>
    <message>
        <source>Machines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Progress</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine in hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Entries</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Entries of the machine, newest first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pulled on the fleet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every machine with its readings, services, findings and what is due. Entries are only added; a mistake is struck, and stays to be seen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>serial %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>out of service: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 (%3)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, serial %2, since %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Due</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not put right yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fitted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Samples</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To order, with the work of the next 30 days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> (struck)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Entry %1 is written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as it is called: PT60 no. 3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Type</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PT60</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Variant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Serial</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from its plate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pump bay</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>S&amp;ince</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read the meter of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>302 h</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Old meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where the meter was replaced: what the old one showed last</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Service of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;What</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as its rule names it: 100 h service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>302 h; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is due on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>100 h service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Every</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>100 h, 12 month: whichever comes first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;First</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of a new machine: 20 h; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as the book means it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hard: dust, heat, short runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finding on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a chafed pipe</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;When</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What became of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Finding</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the pipe was renewed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where %1 is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;State</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>out of service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Why</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where it is out of service: sold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add rotating unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>injector set</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, serial %2, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fit a unit to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, serial %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take a unit off %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Goes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count the store</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gear oil 75W90</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part number; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Amount</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>4 L, or 3 x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Least</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not to fall below; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sample of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Fluid</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gear oil</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the bottle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Where</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mid-stream, warm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;On the fluid</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>95 h; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Added</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fluid added since it was changed: 0.2 L; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the laboratory found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Sample</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>iron 12 ppm, water none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>iron 40 ppm; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 on %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2 is planned for %3. %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plan a service of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before the trip; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That day is over; plan it for one to come.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Days to keep %1 free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is due within them: a service that would fall there is pulled before them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;From</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;To</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;What for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>training trip; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep %1 free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2  %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
and %1 more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Photograph or receipt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures and papers (*.jpg *.jpeg *.png *.pdf);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep with %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;It is a</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Of what</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>invoice of the oil; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is kept with the machine, and stands in its warranty file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Strike entry %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It stays to be seen, struck through, with who struck it and why; nothing counts it any more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one digit too many</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run on %1 is in the logbook already, entry %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The run on %1 is entry %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook is being written to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logbook is in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The warranty file is being written to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The warranty file is in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The form is being written to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The form is in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Labels are being written to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The labels are in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In and out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No machine is in hand; add one first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is open on this machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read meter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enters what the meter shows, or that another meter was fitted.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>odometer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enters a service that was done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>maintenance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note finding</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was found and is not put right today: carried until it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>defect</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>damage</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close finding</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A finding was put right; says what was done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repaired</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what is due</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is due on the machine and how often: by the meter, the calendar, or whichever comes first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interval</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rule</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hard use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Strike entry</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The entry was a mistake; it stays to be seen, struck through.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No entry is in hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is struck already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mistake</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>undo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>delete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enters a machine by name, type and serial.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Place and state</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machine stands elsewhere, or goes out of service.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>moved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plan service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sets the day on which something due is done; on the fleet it can be pulled there by the mouse.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is said to be due on this machine yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pull</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before a trip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>schedule</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep days free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A trip, a season: nothing of the machine is due within these days.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>campaign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holiday</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take in calendar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The events of a calendar file become days to keep free.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Calendar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Calendars (*.ics);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ics</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>import</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Units, store, samples</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A unit that goes round among machines, with hours of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>injector</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>battery</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>serial</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fit unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A rotating unit goes onto the machine; its hours run with it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No unit is in the store or out for repair; add one first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mount</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take unit off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A rotating unit comes off the machine, into the store or to repair.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No unit is on this machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>overhaul</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repair</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How much of a fluid or a spare there is, and the least there should be.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stock</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spares</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take sample</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A sample of a fluid goes to the laboratory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>laboratory</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>oil analysis</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter what was found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the laboratory found in a sample, and the limits that hold.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No sample of this machine waits for an answer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>result</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Samples over time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the laboratory found of each thing, against its limit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No sample of this machine was taken.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trend</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Form of a sample</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The page that goes to the laboratory with the sample.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Form</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep photograph or receipt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept with the machine by what is in it, for the warranty file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>invoice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>proof</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write warranty file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Services, readings, photographs and receipts of the machine in one PDF, each file with its hash.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Warranty file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pdf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>claim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take in runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes in what was done at the bench by a guide, each run once: what came back over the desk, or files.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs (*.run.json);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>desk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take in old paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Services of before, from a table of machines, days and what was done; shown before anything is taken in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Past services</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tables (*.csv);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>csv</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>past services</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print labels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A sheet of labels for the machine: last service, reading, what is due next.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Labels of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;For</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Labels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>panel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sticker</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the book</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The whole logbook as a book to print, a table, or a calendar of what is due.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Book (*.pdf);;Table (*.csv);;Calendar of what is due (*.ics)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the file the ending .pdf, .csv or .ics.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>calendar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>export</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stops what is being written; nothing of it stays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is under way.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n runs came back over the desk: take them in.</source>
        <comment>1 run came back over the desk: take it in.</comment>
        <translation>
            <numerusform>1 run came back over the desk: take it in.</numerusform>
            <numerusform>%n runs came back over the desk: take them in.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n stretches are kept free.</source>
        <comment>1 stretch is kept free.</comment>
        <translation>
            <numerusform>1 stretch is kept free.</numerusform>
            <numerusform>%n stretches are kept free.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n services were taken in.</source>
        <comment>1 service was taken in.</comment>
        <translation>
            <numerusform>1 service was taken in.</numerusform>
            <numerusform>%n services were taken in.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, read on %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1..%2; may stay empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1; empty: one day</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::MainWindow</name>
    <message>
        <source>Anagraph</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Notice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Saved state</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who sits here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who else is here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everywhere</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Undo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes the last change back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to undo.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes back: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Redo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Makes the change that was undone again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to redo.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Makes again: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every change, comment and check carries the post that sits here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>user</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>author</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>checker</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sign in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Decide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows what you and somebody else changed at once side by side; you say which stands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No change of yours met another&apos;s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>conflict</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>merge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>both changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where it lives, what of it is on this computer, which guides go along where its server is not, and its move elsewhere.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>server</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>move</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>laptop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>offline</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>disk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Backup</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where backups of this library go, how often one is made, and which are there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its server cannot be reached.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>archive</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>copy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stick</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>save</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finding the way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next open point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Goes to the next point of this station that nobody has decided on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is open here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to do</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Any command, step, item, figure, guide or spoken line, by typing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>go to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>command</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Guide settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Machine, job, guide number, interval, workshop note and variants.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rename guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>guide number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interval</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>workshop note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>variants</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>properties</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>models</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tape</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recordings: steps are marked and figures taken.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What each figure rests on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide as its reader will see it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pictures, and what is called out on them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dry run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whether the order of the steps works; the time it takes; the kit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Issue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What changed; freezing the next edition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guides and recordings of the library.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A guide at the machine: one step at a time, with what is read and seen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The machines: what was done, what is open, what is due.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>station</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The way from a recording to a guide, and every command with its key.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>manual</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shortcuts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Colours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Light, dark or high contrast, or as the desktop asks; guides go out as they always do.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>night</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>contrast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>theme</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show me round</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The five places of the window, a sentence each.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>introduction</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open a guide, or import a recording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who sits here: %1. Every change carries it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The stations stand in the order of the work, from the recording to the issued guide. A number says how much is open there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What you can do with the thing in hand, the next sensible step first. The right button shows the rest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find goes to any command, step, figure or spoken line: type three letters of it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide in hand. Press its name to change machine, guide number, interval or variants.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every change is saved as you make it, and each can be undone. %1 is the help.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a guide on the Shelf first; then the moment can be shown.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not in this guide; the Shelf lets the guide use it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n open points</source>
        <comment>1 open point</comment>
        <translation>
            <numerusform>1 open point</numerusform>
            <numerusform>%n open points</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n steps</source>
        <comment>1 step</comment>
        <translation>
            <numerusform>1 step</numerusform>
            <numerusform>%n steps</numerusform>
        </translation>
    </message>
    <message>
        <source>Language</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The language of the window; guides keep theirs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>translation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change keys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each command gets the key you want it to have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keyboard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three tasks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three small pieces of work on the demo guide, which say by themselves when they are done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>exercise</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>practise</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>learn</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::MethodsDialog</name>
    <message>
        <source>Where practitioners differ: what this house does</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Questions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This house</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the house&apos;s own reason, printed with the guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Because</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;This house</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Because</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Methods, and what speaks for each; tick those that are accepted too:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is picked for you: where the house has no rule, the guide says so and leaves it to the maker&apos;s book. A step carries the question; the answer reaches all guides.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has chosen no method</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::MethodsForm</name>
    <message>
        <source>Where practitioners differ, in this step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A ticked question is answered in the guide by the house&apos;s rule; the reader unfolds why and what else is accepted. Questions this step raises stand first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  (met here)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>house: no method chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>house: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>here: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Method: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>why, where it is not the house&apos;s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why this step differs from the house&apos;s method: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::MixturePanel</name>
    <message>
        <source>drain some and replace it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>top up, drain nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mix anew, by ratio</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Method</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The system &amp;holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>8 L</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Room above it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1 L</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Measured, %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>35</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Wanted, %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>50</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Concentrate, %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>100</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rati&amp;o, to water</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1 : 10</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Type</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The &amp;jug holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>2 L</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What to do</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;%1 % of %2 freezes at about %3 °C (%4 °F). The product&apos;s own table counts before this one.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to the mark &lt;b&gt;%2 L&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the jug: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, then </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the jug, %1 times: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say how much is to be mixed, and the ratio as in 1 : 10.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>concentrate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>water</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;&lt;b&gt;%1 of concentrate&lt;/b&gt; and &lt;b&gt;%2 of water&lt;/b&gt; make it.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fill in all four: how much the system holds, the strength measured, the strength wanted, and that of the concentrate.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say how much room there is above what is in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The strength is right; nothing has to be added.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;Pour in &lt;b&gt;%1 of %2&lt;/b&gt;. Run until it has mixed, then measure again.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;Drain &lt;b&gt;%1&lt;/b&gt; and keep it for the waste store.&lt;/p&gt;&lt;p&gt;Pour &lt;b&gt;%1 of %2&lt;/b&gt; in instead. Run until it has mixed, then measure again.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To be &amp;mixed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Amount in it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pour: %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::MovingDialog</name>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library is being moved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From %1
to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far the move is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Films and packs first, then what is written. The library it comes from stays as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far it is, or what is wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %, less than a minute left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %, about %2 min left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library was not moved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 It is opened again where it was.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open it again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopping …</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::OrdersDialog</name>
    <message>
        <source>What the line orders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Orders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One more thing that the line orders.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line does not order this.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line orders nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As it reads</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was put right goes; the line is taken as it reads by itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line is taken as it reads.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Orders of the line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Verb</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done &amp;to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done &amp;with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To the &amp;figure</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::PageView</name>
    <message>
        <source>Page of the source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The place that is marked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Value %1 that was read on this page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::PaperDialog</name>
    <message>
        <source>Services from %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Doubtful</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines of the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take in</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n services are read, and nothing is doubtful.</source>
        <comment>1 service is read, and nothing is doubtful.</comment>
        <translation>
            <numerusform>1 service is read, and nothing is doubtful.</numerusform>
            <numerusform>%n services are read, and nothing is doubtful.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n lines are doubtful. Put them right in the file and read it again; until then nothing is taken in.</source>
        <comment>1 line is doubtful. Put it right in the file and read it again; until then nothing is taken in.</comment>
        <translation>
            <numerusform>1 line is doubtful. Put it right in the file and read it again; until then nothing is taken in.</numerusform>
            <numerusform>%n lines are doubtful. Put them right in the file and read it again; until then nothing is taken in.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::PlacePanel</name>
    <message>
        <source>The place in hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As it stands now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As it was</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What it rests on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Answer: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dry run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who learned it</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::PlateChangeView</name>
    <message>
        <source>a new picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the picture is gone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is pointed at in another place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new on it: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no more on it: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what is drawn on it has changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Picture %1 of step %2: %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture is not in the kept pack.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::PlatePreview</name>
    <message>
        <source>Picture of the step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No picture yet: on the Tape, stop at the clearest frame and keep it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1 of %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::PlateView</name>
    <message>
        <source>Plate: the still with its callouts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % across, %2 % down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Callout %1, %2, points to %3; its number stands %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an item that is gone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sign “%1” from %2 to %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fastener: %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cross at %1; Enter sets it down</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::PlatesStation</name>
    <message>
        <source>for &amp;all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 as well</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recording is missing; stills are taken from the recording itself. Find it again on the Shelf.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is &amp;right, the other wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is &amp;wrong, the other right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is &amp;before, the other after</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is &amp;after, the other before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is the &amp;new part, the other the old</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is the &amp;old part, the other the new</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two pictures on their &amp;own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The second picture still stands at the same moment: choose its frame.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No plate before this one, of the same recording, calls anything out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking for what the plate before calls out …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing the plate before calls out was found on this one with certainty: too much moved, or it looks alike elsewhere.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (%2 % alike)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Callouts of the plate before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Found again on this picture: %1. Take them over? Look at each: what is alike need not be the same.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Caption</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Caption of the plate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what is seen here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Call out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose an item, then click its place on the picture. Arrows move the callout in hand, with Shift what it points at.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Items</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1, %2, picture %3 of %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No plate yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the Tape, stop at the clearest frame of a step and keep the picture: the exact frame becomes a plate here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 only · </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame at %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Alternative text:&lt;/b&gt; %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none yet; the caption and the callouts make it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything the step names is called out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fetching the exact frame …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide has no item yet; add one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a fastener in the list on the right; then each click, or Enter on the cross, sets one down.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>(not measured)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Distance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which figure is it?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The item, wherever it is named</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Kind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Size or grade</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Part number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Length</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>under the head: 16 mm; empty: not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Head</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hexagon, 10 mm across flats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Washer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plain; none; empty: not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to all machines of the guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to the %1 only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to several, as it stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It &amp;belongs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no picture yet: on the Tape, stop at its clearest frame and keep it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every step has its picture and every part named is called out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No plate is in hand; keep a picture on the Tape.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Place fasteners</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each click, or Enter on the cross, sets the chosen fastener down; then they are drawn in their order.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bolts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tightening sequence</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>map</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop placing fasteners</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Call out item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen item gets a number on the picture; arrows move it, with Shift what it points at.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>label</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pointer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next callout</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes the next callout in hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is called out on this plate.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next in removal order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Removal order: the part in hand came off after those named so far; parts go back the other way.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take a callout in hand first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removal order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>disassembly</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turning, pulling, pressing, flow, look here, do not touch, a distance or a magnifier.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>arrow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>magnifier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>distance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The callout, mark or fastener in hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing on the picture is in hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>delete callout</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove last fastener</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove callout</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lay out labels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Labels find their best places; those moved by hand stay.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>arrange</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tidy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lay out every label</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Labels moved by hand find their best places too.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find callouts again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looks for what the plate before calls out on this one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>follow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>track</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose sharper frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Offers the sharpest frames near the moment.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>still</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>focus</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Crop, hide, brighten</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Crops, straightens and brightens the still, and hides a face or a number; the recording stays as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The exact frame is still being fetched.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blur</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>redact</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rotate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>privacy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pair pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Right and wrong, before and after, new and old, side by side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>good bad</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>compare</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edit clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step&apos;s clip: trimmed to the frame, slowed, silenced or drawn over.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step has no stretch of the tape yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trim</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slow motion</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say which variants it applies to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plate is shown for these variants only.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide is for one kind of machine; it has no variants.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>models</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frame before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plate shows the frame before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plate shows the next frame.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove plate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Removes the picture and what is drawn on it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part, fastener, seal, fluid, tool or protective gear.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bolt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edit item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its name, kind, size and part number, wherever it is named.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rename item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part number</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n callouts pointed at what is now cut off and were removed; undo brings them back.</source>
        <comment>1 callout pointed at what is now cut off and was removed; undo brings it back.</comment>
        <translation>
            <numerusform>1 callout pointed at what is now cut off and was removed; undo brings it back.</numerusform>
            <numerusform>%n callouts pointed at what is now cut off and were removed; undo brings them back.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::PracticeDialog</name>
    <message>
        <source>Go there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three tasks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three tasks on the demo guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do them in any way you like; what stands in the guide counts. Undo takes everything back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tasks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;On the film a force is said where a torque is meant. Go to the Figures, to &lt;b&gt;%1&lt;/b&gt;. Look at what was said and at what the book gives; {figures.hear} plays the moment.&lt;/p&gt;&lt;p&gt;{figures.house-rule} takes the book&apos;s value, as the house has ruled; or {figures.resolve}, with your reason.&lt;/p&gt;&lt;p&gt;&lt;b&gt;What should come out:&lt;/b&gt; its box gets a filled corner, it is proved.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;Go to the Plates, to the picture of the suction strainer. Choose &lt;b&gt;%1&lt;/b&gt; among the items; {plates.callout} gives it a number on the picture. Arrows move the number, with Shift what it points at.&lt;/p&gt;&lt;p&gt;&lt;b&gt;What should come out:&lt;/b&gt; a number that is the same in the whole guide, with a leader that crosses no other.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;Go to the Sheet, to the step &lt;b&gt;%1&lt;/b&gt;. {sheet.check} adds a check: what to look at (the wing nuts), what is good (hand tight, both), and what stops the work (one that turns without end).&lt;/p&gt;&lt;p&gt;&lt;b&gt;What should come out:&lt;/b&gt; the check stands under the lines as the learner sees it, with all three.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Settle a figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Call a part out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the guide “Perrick PT60 · 100 h service” of the demo library on the Shelf. &lt;b&gt;anagraph --demo&lt;/b&gt; opens that library.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not done yet. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done, and so are the others: you know your way.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::ProgressView</name>
    <message>
        <source>How far each learner is with each guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1, last on %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No learner is in the register yet. Add them at Issue, under Learners; then it stands here how far each is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>learned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>alone</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n runs</source>
        <comment>1 run</comment>
        <translation>
            <numerusform>1 run</numerusform>
            <numerusform>%n runs</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::RecogniserDialog</name>
    <message>
        <source>What listens to films without a narration</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left empty, the program listens itself: a little English, with the words of the trade and of the guide in hand. Where the workshop has a better recogniser, write its command here. It is given a WAV file (16 kHz, one channel) and writes WebVTT or SRT to its standard output; {sound} and {text} in the command stand for the file it reads and one it writes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Command of the recogniser</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the program&apos;s own recogniser</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Try it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lets it listen to one spoken sentence that comes with the program.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Progress of the trial</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Listening</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What it heard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Said: %1
Heard: %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::RecordingRows</name>
    <message>
        <source>%1, %2, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 long · %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 long · no narration</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the original is missing: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>used in the open guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>imported %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n lines said</source>
        <comment>1 line said</comment>
        <translation>
            <numerusform>1 line said</numerusform>
            <numerusform>%n lines said</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::RelationsDialog</name>
    <message>
        <source>Relations of the items</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>closes no system</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>closes the %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Closes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the bottom: it drains there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the side: a level plug</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where it is filled</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lets air in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Where</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lies behind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lies &amp;behind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sits under</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sits &amp;under</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Renewed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Holds &amp;dry</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Goes in again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vessel h&amp;olds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not said</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::ReplaceDialog</name>
    <message>
        <source>Replace words in the whole guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>words as they stand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what stands there instead; empty removes them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the other guides of the library too</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;By</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The other guides are being looked through …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In %1 other guides: %2 places. One undo takes all of it back; issued editions stay as they are.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>It stands in %n places of this guide.</source>
        <comment>It stands in 1 place of this guide.</comment>
        <translation>
            <numerusform>It stands in 1 place of this guide.</numerusform>
            <numerusform>It stands in %n places of this guide.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Replaced in %n other guides.</source>
        <comment>Replaced in 1 other guide.</comment>
        <translation>
            <numerusform>Replaced in 1 other guide.</numerusform>
            <numerusform>Replaced in %n other guides.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::RouteRail</name>
    <message>
        <source>Stations</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (%2), %3 open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: open a guide on the Shelf first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, key %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go there</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1, key %2, %n open points</source>
        <comment>%1, key %2, 1 open point</comment>
        <translation>
            <numerusform>%1, key %2, 1 open point</numerusform>
            <numerusform>%1, key %2, %n open points</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::SamplesDialog</name>
    <message>
        <source>Samples of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The laboratory has found no number yet; enter its answer when it comes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Samples</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::SequencePanel</name>
    <message>
        <source>placed by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>click the drawing, or 10,20; 60,15; …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Across and down in hundredths of the drawing, bolt by bolt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>20, then 40, then 60 Nm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Bolts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;They sit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Places</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stages</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click where the bolts sit, one after the other; the order follows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start all by hand, then tighten in the order drawn. By the bolts&apos; own numbers: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> They are numbered as they were placed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Bolt 1 is at the top, at the upper left or at one end; the others follow clockwise.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass %1: loosen every bolt again, in the same order.&lt;br&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass %1: every bolt to &lt;b&gt;%2 %3&lt;/b&gt;.&lt;br&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass %1: every bolt &lt;b&gt;%2°&lt;/b&gt; further; mark head and part first.&lt;br&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;Bolts tightened by an angle are stretched, and many are used once: the maker&apos;s book says whether new ones go in.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bolt %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number %1 to tighten: bolt %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::Session</name>
    <message>
        <source>saved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Put back library.db from your last copy, or look through the guide and go on from here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Others changed this meanwhile, so nothing was saved: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>saved %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No guide is open: choose one on the Shelf, or begin a new one there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Others changed the guide since; this can be undone when the library can be reached again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>The library is damaged: %n changes of this guide could not be read and are missing. </source>
        <comment>The library is damaged: 1 change of this guide could not be read and is missing. </comment>
        <translation>
            <numerusform>The library is damaged: 1 change of this guide could not be read and is missing. </numerusform>
            <numerusform>The library is damaged: %n changes of this guide could not be read and are missing. </numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n changes not saved yet</source>
        <comment>1 change not saved yet</comment>
        <translation>
            <numerusform>1 change not saved yet</numerusform>
            <numerusform>%n changes not saved yet</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::SharedBar</name>
    <message>
        <source>Not saved yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The library cannot be reached.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What you change in them is kept on this computer until it is back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on with the guide in hand: what you change is kept on this computer until it is back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in step %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in this guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 elsewhere</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n guides are with you, as they were on %1.</source>
        <comment>1 guide is with you, as it was on %1.</comment>
        <translation>
            <numerusform>1 guide is with you, as it was on %1.</numerusform>
            <numerusform>%n guides are with you, as they were on %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n changes are not saved yet: they are kept on this computer and go there by themselves.</source>
        <comment>1 change is not saved yet: it is kept on this computer and goes there by itself.</comment>
        <translation>
            <numerusform>1 change is not saved yet: it is kept on this computer and goes there by itself.</numerusform>
            <numerusform>%n changes are not saved yet: they are kept on this computer and go there by themselves.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n changes of yours met another&apos;s; they are kept until you decide.</source>
        <comment>1 change of yours met another&apos;s; it is kept until you decide.</comment>
        <translation>
            <numerusform>1 change of yours met another&apos;s; it is kept until you decide.</numerusform>
            <numerusform>%n changes of yours met another&apos;s; they are kept until you decide.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::SheetStation</name>
    <message>
        <source>Open points of the sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter in a line begins the next one; type { to name a figure or an item; Backspace in an empty line removes it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drafted from the tape: shape it, and say of each check what is good. Undo takes all of it back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step has no stretch of the tape yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is said on this recording is still being read; the step plays from its beginning.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This was not heard on the tape in these words; the step plays from its beginning.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>READ FIRST</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1, line %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No steps yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing open here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The editor found nothing here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>You decide how to put this right: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1

Why is it kept as it is? (the reason stays with the step)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is open on the sheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No step is in hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the editor found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fix wording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The editor puts right what it found, where it is certain how.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only you can decide how to put this right.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>correct</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mend</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The words stay, with a reason that is kept with the step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ignore</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dismiss</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Parts of the step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check in full</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whom to ask, and a reading with its limits.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play moment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plays the tape where what is in hand was said.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tape</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A caution above the lines of the step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>warning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>danger</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Caution by its parts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hazard, harm, and how to avoid it, each asked for.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hazard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something to look at, what is good and what stops the job.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>inspect</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is waited for, and how long.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Display resets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Buttons pressed to set a display back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>service light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>buttons</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Orders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the line orders: verb, items, tools and figure; put right where it was read wrongly.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>actions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>verb</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dry run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A reviewer&apos;s comment at this line, or the answer to one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>review</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>History of line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who wrote this line, and what stood there before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>versions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An empty step after this one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Split step here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line in hand begins a step of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draft lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines, checks and waits from what was logged on the tape, for every step that has none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every step has its lines.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>automatic</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Variants and machine state</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which variants the step applies to, and the state the machine is in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>applies to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>warm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>locked off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Methods</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where practitioners differ: which method this step follows, and why.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>schools</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>practice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no step after it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move step up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before the step above it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no step before it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move step down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After the step below it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Merge with next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This step and the one after it become one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy step from another guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With the items, figures and sources it needs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reuse</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>template</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Removes the step with its lines and pictures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Replace words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In this guide, or in all guides of the library.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rename</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Follow-ups</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is done after the job: retighten, look again, dispose of.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compare variants</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All variants side by side, as each is read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>models</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Translate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The guide beside its translation.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>language</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n points open</source>
        <comment>1 point open</comment>
        <translation>
            <numerusform>1 point open</numerusform>
            <numerusform>%n points open</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n to look at</source>
        <comment>1 to look at</comment>
        <translation>
            <numerusform>1 to look at</numerusform>
            <numerusform>%n to look at</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::ShelfStation</name>
    <message>
        <source>&lt;p style=&apos;font-size:22pt&apos;&gt;&lt;b&gt;Drop a film of a job here&lt;/b&gt;&lt;/p&gt;&lt;p style=&apos;color:%1&apos;&gt;From a phone or a camera: mp4, mov, mkv, webm, avi, mts. A narration of the same name (.vtt, .srt or .txt) comes with it.&lt;/p&gt;&lt;p&gt;&amp;nbsp;&lt;/p&gt;&lt;table cellspacing=&apos;10&apos; align=&apos;center&apos;&gt;&lt;tr&gt;&lt;td&gt;&lt;b&gt;1&lt;/b&gt;&lt;/td&gt;&lt;td&gt;The film is copied into the library, and what is said on it is read. Without a narration the program listens to it.&lt;/td&gt;&lt;/tr&gt;&lt;tr&gt;&lt;td&gt;&lt;b&gt;2&lt;/b&gt;&lt;/td&gt;&lt;td&gt;You name the machine and the job, and the guide begins.&lt;/td&gt;&lt;/tr&gt;&lt;tr&gt;&lt;td&gt;&lt;b&gt;3&lt;/b&gt;&lt;/td&gt;&lt;td&gt;Its steps are drafted from what was said; you put them right, prove the figures and issue it.&lt;/td&gt;&lt;/tr&gt;&lt;/table&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Guides, by machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Guides</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Recordings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing here yet. Drop a film here, or import one; its narration (.vtt, .srt or .txt of the same name) comes with it. A film without one is listened to.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import progress</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hearing progress</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Perrick PT60</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>100 h service</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the workshop&apos;s number, as in KQ-PT60-100</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Job</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Begin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import recordings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Recordings (*.mp4 *.mov *.m4v *.mkv *.webm *.avi *.ts *.mts);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a narration: import the film beside it (same name), and it is imported with it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking through %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a folder to look for the recording in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking for %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Found: the original is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes the chosen guide in hand and goes to its tape.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no guide yet; begin a new one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begins a guide; it uses the chosen recording.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>See an example guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows the printed form of a finished guide: what comes out at the end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>demo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sample</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The desk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Opens the desk: tablets in the workshop read the current editions and ask whether a page is current.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>server</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>network</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tablet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>serve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The desk is open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import recording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copies a film into the library; a narration of the same name comes with it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bring in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>load</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import without copying</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The film stays where it lies; the library remembers where.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>link</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use in open guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The open guide may then take steps from the chosen recording.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no recording yet; import one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No guide is open; open one or begin a new one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The open guide uses it already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add recording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find original</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The original is not where it was: looks for it in a folder, by its content.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The original is where it should be.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>relink</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stops the import; nothing of it stays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is being imported.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hear what is said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The program listens to the chosen recording, which came without a narration; it goes on while you work.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This recording has a narration.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is being heard.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>transcribe</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>speech</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>recognise</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop hearing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stops listening; the film stays, without a narration.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No film is being heard.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::SourceChips</name>
    <message>
        <source>Sources of the guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No source yet: add one, or drop a page on a figure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, its page is not at hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drag a source onto the figure it gives</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::SourceDialog</name>
    <message>
        <source>Source of: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The page is being read …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The marked place is being read …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another source …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It stands there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Perrick PT60 service book</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>issue 4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>2024, or 2024-05-01</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all; or as in from 4401</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spring balance 0 to 50 N</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Kind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Edition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Date of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Applies to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Se&amp;rials</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Instrument</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page or picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chooses the file that shows it: a page of the book, a picture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stops reading the page.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading was stopped: mark the place with the mouse, or type what stands there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No page is being read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>page </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read on the page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The place, enlarged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>25 Nm, 8 to 10 mm, 75W90</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>± in the same unit, if given</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>± in the same unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>page 2, torque table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It &amp;gives</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>T&amp;olerance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Instrument &amp;off by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Place in it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The page is opened …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A page or a picture of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pages and pictures (*.pdf *.png *.jpg *.jpeg *.tif *.tiff *.bmp *.webp);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drag over a place to read it closely. + and − bring the page nearer, Page Up and Down turn it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No %1 could be read there: type what the marked place says.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No %1 was read on this page: turn the page, or mark the place with the mouse.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read by a machine. Compare it with the page before you confirm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>page %1, “%2”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A character was hard to read: compare it closely with the page.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write what the source gives; a source that gives nothing proves nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is no number; write how far it may be off as in 2.5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the source a title, so that a checker can find it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say which variant it applies to; a source that applies to none proves nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say what it was measured with; a measurement is as good as its instrument.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say where in the source it stands, so that a checker can find it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::StepCard</name>
    <message>
        <source>what is done, as an order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who else is in this step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Works on this step just now; what is saved there appears here within a second.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Signal word</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>General warning: its hazard is not named</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Instruction %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>orders nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>look at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>good is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop and ask when</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop when</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ask %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write down: %1%2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, within %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what is waited for; empty removes the wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wait %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No other method is accepted here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Also accepted: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a line that was changed since</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; on %2: %3%4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> &lt;i&gt;Answer: %1&lt;/i&gt;</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::StepDiscs</name>
    <message>
        <source>open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step %1 %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::StillDialog</name>
    <message>
        <source>The sharpest frame near the moment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frames offered, in the order of the film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Still</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frames</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The frames are being fetched.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take this frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plate shows this frame.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Closer together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Offers frames that lie closer about this one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Further apart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Offers frames from further before and after.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking at the frames within %1 s …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sharpness %1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
◆ the sharpest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
as it was</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sharpest is offered; ↑ ↓ look at the others, Enter takes one. A sharp picture with a hand in the way is the worse one.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::SumpView</name>
    <message>
        <source>The sump, filled in stages</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The refill is not known: pour %1, read, and add by the marks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is known of it yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>+ %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upper mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lower mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reads here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 stays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 stay behind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First pour: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Then %1 more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The level reads %1 % of the way from the lower to the upper mark</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::TakesDialog</name>
    <message>
        <source>Takes of this step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes of “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Films</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Best take</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Right is best</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clip and pictures come from the take on the right.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left is best</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clip and pictures come from the take on the left.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play both</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plays both takes, or stops them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next take on the right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compares the left one with the next.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are two takes, and both are shown.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frame back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows the frame before, on both sides.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frame on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows the next frame, on both sides.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take %1%2 · from %3, %4 long</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · best</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::TapeStation</name>
    <message>
        <source>Recording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Moment of the recording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hearing progress</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far the film is that comes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The film comes to this computer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what is done, as an order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heading of the step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2 · %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>same moments as recording %1 · %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the original is missing · %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>being read … · %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The job goes on with: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The job is left open: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no step at this moment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a step is open: close it where it ends</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another take is open: close it where it ends</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>opened at %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take %1 of %2 · %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This line: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is open on the tape: every figure, slip and unseen moment has been decided on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every drafted step is confirmed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to fold: no stretch of talk or silence is long enough.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reshoot list, %1.html</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the reshoot list as</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Web page (*.html)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tape</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step ends at this frame; while the film runs, at the pause just passed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>end bracket</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure said in this line comes into the step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>torque</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>capacity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The caution said in this line comes into the step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>warning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Confirm step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The drafted step is right; on to the next one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>accept draft</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next drafted step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draft steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Steps are drafted from what was said, where none is marked yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>automatic</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A step begins at this frame; while the film runs, at the pause just passed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begin bracket</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This exact frame becomes a plate of the step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>still</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The learner sees the step&apos;s best take as a clip, or no longer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dismiss marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was found in this line is not needed; it counts no longer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ignore</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cancel step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forgets the step that was opened and not closed yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cancel step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Split here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step is divided at this frame.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Merge with next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This step and the one after it become one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something to look at, within the step and at this line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wait here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Waiting, within the step and at this line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edges of the step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edge a frame earlier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Moves the nearer edge of the step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edge a frame later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edge a line earlier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Moves the nearer edge to where the line before begins.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edge a line later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Moves the nearer edge to where the next line begins.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edge to nearest pause</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Moves the nearer edge to where the sound pauses.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open another take</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step in hand is done again from this frame on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repeat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make this the best take</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clip and pictures come from the best take.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compare takes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plays two takes side by side, to choose the better one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove this take</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step keeps its other takes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to sharpest picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows the sharpest picture of this take.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>focus</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Narration</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hear what is said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The program listens to the film and writes down what is said, a line at a time; it goes on while you work.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>transcribe</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>speech</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>recognise</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop hearing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stops listening to the film; nothing of it is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No film is being heard.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cancel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop fetching</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stops fetching the film; what has come stays, and the next time it goes on from there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No film is on its way.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>download</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Correct line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Puts the words of this line right; what the recogniser heard is kept beside them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>edit words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mark line as talk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line is talk; what was found in it counts no longer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drop line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A line of your own at this moment; the film plays on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>transcript</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name speaker</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who speaks from this line on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tie line to this frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where words and film do not agree: this line is heard here, and the others follow.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>synchronise</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>align words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tie next line to this frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next line is heard here, and the others follow.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Untie line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line goes back to the time of the narration.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Notes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note what is not filmed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is missing on the film here, for the reshoot list.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reshoot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note what to look up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What has to be looked up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note for yourself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A note at this moment.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>comment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Removes the note nearest to this moment.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write reshoot list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was not filmed, not seen or promised, as a page for paper or a phone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The reshoot list is being written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>film again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shot list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plays from this moment on, or pauses.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pause</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play slowly</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plays at a quarter of the speed, or at full speed again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play at full speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One frame forward.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frame before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One frame back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To where the next line of the narration begins.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To where the line before begins.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next recording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Opens the recording after this one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Recording before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Opens the recording before this one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Same moment, other camera</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where two cameras filmed together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Align cameras by sound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finds where this recording and another one heard the same.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>multicamera</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>View</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fold talk and silence</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stretches of talk and silence fold away, or come back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>skip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unfold everything</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fold or unfold here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The talk or silence at this moment.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing can be folded here: a step, a note or a mark needs this stretch.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show whole job</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All recordings of the job on one screen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>overview</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>zoom out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show every line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The usual zoom, with room for every line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>zoom</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show single frames</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every frame has its picture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>zoom in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Zoom in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The moment in hand keeps its place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nearer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Zoom out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>further</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep playhead in place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tape runs and the playhead stays, or the playhead runs down the tape.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>scroll</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>follow</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n points to reshoot or look up: </source>
        <comment>1 point to reshoot or look up: </comment>
        <translation>
            <numerusform>1 point to reshoot or look up: </numerusform>
            <numerusform>%n points to reshoot or look up: </numerusform>
        </translation>
    </message>
    <message>
        <source>%1 · read in English</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not read: it sounds %1, and only English is read · %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::TapeView</name>
    <message>
        <source>Step %1, %2, from %3 to %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drafted: nobody has confirmed it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: “%2”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, dismissed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, taken</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>typed by the author</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the program was not sure of every word</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>talk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note at %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From %1 to %2 the picture is too dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From %1 to %2 the picture is blurred</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tape: time runs down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blurred</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>best</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of talk, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in which nothing is said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the recogniser heard: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>heard by the program: listen to it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>heard by the program, which was not sure of the hatched words: listen to it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>talk: nothing about the machine is said here</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n lines</source>
        <comment>1 line</comment>
        <translation>
            <numerusform>1 line</numerusform>
            <numerusform>%n lines</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>the best of %n takes</source>
        <comment>the only take</comment>
        <translation>
            <numerusform>the only take</numerusform>
            <numerusform>the best of %n takes</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::ThreadView</name>
    <message>
        <source>Nothing to walk yet: mark steps on the Tape or write them on the Sheet. What their lines order is walked here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> (stays)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one person</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two people</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 as written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>locked off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stopped</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dry run: steps run down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At step %1 the machine %2; nothing lies beside it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At step %1 the machine %2. Beside it lie: %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1, %2; after it the machine %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, stays where it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stand there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2, now %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2, now %3 % full</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2, now %3 to %4 % full</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beside it lie: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finding: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nobody is needed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>B</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plan: from %1 to %2 step %3 waits, %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plan: from %1 to %2 step %3, hands of %4</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::TranslationDialog</name>
    <message>
        <source>Translation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Language</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Language, as its two letters: de, fr, nl</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Goes to the next line that is not translated, or whose original has changed since.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>{figure:…} and {item:…} stay as they are: figures are never typed twice, and an item&apos;s name is translated once, below. Each line is kept when you leave it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>✓ current</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>≠ out of date</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>○ missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was made from: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 missing, %2 out of date, of %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter the language by its two letters, as in de, fr or nl.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything is translated.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::TrendView</name>
    <message>
        <source>limit %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 %3, over its limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 %3</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::TurnPanel</name>
    <message>
        <source>&lt;p&gt;Turn it by hand until the seal just touches.&lt;/p&gt;&lt;p&gt;Draw a line across part and housing.&lt;/p&gt;&lt;p&gt;Turn on by &lt;b&gt;%1°&lt;/b&gt;: %2 of a hexagon head.&lt;/p&gt;&lt;p&gt;Done when the line on the part stands at the second mark. Both lines stay, to be looked at after the first hour.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far to turn is not known yet: find the source that says it, or leave it as not known.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop here</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::WantedCard</name>
    <message>
        <source>set %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> (%1 times)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from the wrench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>typed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 · %3</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::WayRound</name>
    <message>
        <source>%1 of %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter: next. Esc: leave.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter: begin.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::WorkBar</name>
    <message>
        <source>%1, %2 s left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 min left</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::WorkOut</name>
    <message>
        <source>Work it out: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is arithmetic, not permission: the maker&apos;s current book comes first.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::WrenchPanel</name>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Extension in millimetres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Angle of the extension in degrees</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>E&amp;xtension, mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at an angle o&amp;f</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>0 in line, 90 at right angles (no change), 180 folded back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wrenches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No wrench is kept yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wrenches of the workshop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New wrench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Adds a wrench of the workshop: its range, its marks, its calibration.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edit wrench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Changes what is kept of the chosen wrench.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove wrench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The workshop has it no longer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure has no torque yet: give it a value, or find the source that does.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change the wrenches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change a wrench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>small click wrench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Unit of its scale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;First mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Last mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between &amp;numbered marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between f&amp;ine marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Accuracy, %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Effective length, mm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drive to middle of grip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Drive</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Calibrated on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Calibration &amp;due</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the wrench the name it has in the workshop.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The unit of a torque wrench is Nm, lbf.ft, lbf.in or kgf.m.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The last mark lies above the first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say how far apart its marks are.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Days are written as %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::WrenchPort</name>
    <message>
        <source>The wrench is not on the line any more: put its plug back and connect it again. Readings can be typed meanwhile.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no port %1; plug the wrench in, or choose another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The port %1 cannot be opened: %2.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>anagraph::app::WrenchScales</name>
    <message>
        <source>Wrenches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2 %3%4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>never calibrated</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>calibrated %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>calibrated to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is %1 N·m, %2 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>will not do</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No wrench is kept yet. Add one of the shop: its range, its marks and when it was calibrated. It serves all guides.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, from %2 to %3 %4: %5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation type="unfinished"></translation>
    </message>
</context>
</TS>
