<?php

declare(strict_types=1);

return [
    'projects' => 'Project figures are for project managers and the time office. Your own hours are in your week.',
    'project' => 'Only this project\'s manager and the time office see it. Ask one of them.',
    'money' => 'Costs are for this project\'s manager and the time office.',
    'week' => 'This is somebody else\'s week. It is seen by them, their line manager, the time office and whom they have named.',
    'record' => 'This is somebody else\'s week. They write in it, their line manager, the time office and whom they have named.',
    'submit' => 'This week is submitted by its owner, who can leave that to you under “Sheets”.',
    'preferences' => 'These are somebody else\'s preferences. Only they change them.',
    'office' => 'This is kept by the time office. Ask them.',
    'viewer' => 'You can read everything here and change nothing. Ask the time office if you need to record time.',
    'review' => 'Nothing of this waits for you. What does is in your list.',

    'no_week' => 'There is no week “:week”. Weeks are written like 2026-W25.',
    'line_closed' => 'This project is closed; nothing more can be recorded on it.',
    'the_office' => 'the time office',
    'the_system' => 'Moss Week',

    'act' => [
        'not_yours' => 'This is somebody else\'s time. Only they can do that.',
        'waits_for_approval' => 'This waits for approval and cannot be changed. Take the week back first.',
        'is_approved' => 'This is approved and cannot be changed here. Ask your approver for a correction.',
        'is_settled' => 'This is settled: billed, paid or in a closed period. It is fixed for good; a correction is posted beside it.',
        'is_decided' => 'This has been decided already. Reload to see how it stands.',
        'not_submitted' => 'This is not submitted any more, so there is nothing to decide. Reload to see how it stands.',
        'not_approved' => 'This is not approved yet. Edit it instead of correcting it.',
        'not_your_turn' => 'It is not your turn to decide this. Reload to see who is next.',
        'own_time' => 'This is your own time. It goes to your line manager.',
        'not_your_decision' => 'Somebody else decided this. Ask them to undo it.',
        'acted_on' => 'Somebody has acted on this since, so the decision stays. Reload to see how it stands.',
        'too_late' => 'This approved itself more than a week ago. A mistake in it is put right by a correction.',
        'word_missing' => 'Say in a word why you return it, so that it can be put right.',
        'office_only' => 'Only the time office can do that.',
    ],

    'hours' => [
        'not_hours' => '“:text” is not hours. Type them as 8, 7.5, 7:30, 7h 30m or 450m.',
        'negative' => '“:text” is negative. Type hours from 0 to 24; a mistake in approved time is put right by a correction.',
        'more_than_a_day' => '“:text” is more than a day. Type at most 24:00.',
        'too_large' => '“:text” is more than a day. Type at most 24:00.',
        'minutes_above_59' => '“:text” has more than 59 minutes. Type 1:30 for an hour and a half, or 90m.',
    ],

    'cell' => [
        'no_task' => 'There is no such task any more. Reload the week.',
        'not_assigned' => ':task is not assigned to you or your team. Ask its project manager, :manager, to assign you.',
        'closed' => ':project is closed, so no time can be recorded on it. Ask its manager, :manager.',
        'done' => ':task is done since :day. Ask its project manager, :manager, to open it again.',
        'full_day' => 'The day would hold :hours. A day has 24:00; shorten another line first.',
        'moved_on' => 'This cell has changed meanwhile: it now holds :hours. Yours was not saved.',
        'moved_on_empty' => 'This cell has been cleared meanwhile. Yours was not saved.',
        'note_without_hours' => 'A note needs hours to stand on. Type hours here first.',
        'other_week' => ':day is not in week :week. Open its own week.',
        'twice' => 'The same cell was sent twice. Reload the week and try again.',
        'no_role' => 'There is no such role any more. Reload the week.',
        'period_closed' => 'The period up to :day is closed. Record this on a later day, or ask the time office to open it again.',
        'not_employed' => 'Your employment does not include this day. Ask the time office if that is wrong.',
    ],

    'line' => [
        'not_open' => 'This line has time that is submitted, approved or settled, so it stays. Take the week back first.',
        'moved_on' => 'This line has changed meanwhile. Nothing was removed; look at it again.',
    ],

    'sheets' => [
        'oneself' => 'You record in your own sheet anyway. Name somebody else.',
        'may_record' => ':name may record in your sheet. You submit it.',
        'may_submit' => ':name may record in your sheet and submit it.',
        'no_more' => ':name no longer records in your sheet. What they recorded stays.',
    ],

    'span' => [
        'starts' => 'Say when the day began, as 08:00.',
        'ends' => 'Say when the day ended, as 16:30; up to 24:00.',
        'pause' => 'Say how many minutes the breaks came to, as 30.',
        'reversed' => 'The day must end later than it begins, by more than its breaks. Nothing was saved.',
    ],

    'plan' => 'This project is planned by its manager and the time office. Ask one of them.',
    'create_project' => 'Projects are created by project managers and the time office. Ask one of them.',
    'remaining' => [
        'not_held' => 'Nothing of :task is planned for :name or their team, so nothing can be left of it. Ask its project manager, :manager, to assign hours.',
        'no_reason' => 'That is far from what the plan and the hours say. Say why in a few words; the project manager reads it.',
        'task_done' => ':task is done. Ask its project manager, :manager, to open it again.',
        'others_have_left' => 'Others have something left of :task: :others. Say it is done for you; when all have, it is done. Or ask :manager.',
        'not_confirmed' => 'Others have something left of :task: :others. Declaring it done gives that up; say so again if you mean it.',
        'no_word' => 'Say in a word why you decline it, so that it can be put right.',
        'decided' => 'This has been decided or taken back already. Reload to see how it stands.',
        'nothing_said' => 'Nothing was said of it today that could be taken back.',
        'counts' => 'Said, and counted at once.',
        'waits' => 'Said. It counts once :manager accepts it.',
        'taken_back' => 'Taken back. What was said before holds again.',
        'accepted' => 'Accepted. It counts from the day on which it was said.',
        'declined' => 'Declined. What was said before holds.',
        'is_done' => ':task is done for all.',
        'is_open' => ':task is open again.',
        'nobody' => 'nobody yet',
    ],

    'look_after' => 'Who has handed over is seen by line managers, of their own people, and by the time office.',
    'reminded' => '{0} Nobody needed to be reminded.|{1} One person is reminded.|[2,*] :count people are reminded.',
    'nudge_inked' => 'Inked: :hours on :day.',
    'nudge_gone' => 'This link is no longer good. Sign in and open your week instead.',

    'rule' => [
        'limit' => 'Give a limit from :least to :most :unit.',
        'units' => ['minutes' => 'hours', 'days' => 'days', 'characters' => 'characters'],
        'no_project' => 'This rule looks at whole days and weeks, so it cannot be set for one project.',
        'set' => 'Set: :rule.',
        'taken_away' => 'The setting is gone; the one below it holds again.',
    ],

    'question' => [
        'asked' => 'The question is asked with every week that begins from then on.',
        'ended' => 'The question is not asked any more. What was answered stays.',
    ],

    'route' => [
        'set' => 'Set. What waits has gone to whoever decides now.',
        'set_of' => 'Set for :project. What waits has gone to whoever decides now.',
    ],

    'stand_in' => [
        'oneself' => 'Nobody stands in for themselves. Name somebody else.',
        'viewer' => 'Whoever only reads decides nothing. Name somebody else.',
        'past' => 'These days are over. Name days from today on.',
        'named' => ':name stands in from :from to :to.',
        'ended' => 'The stand-in decides no more.',
    ],
    'stand_in_of' => 'Who stands in for somebody is said by themselves or by the time office.',

    'period' => [
        'future' => ':day is still to come. Close up to today at most. Nothing was closed.',
        'backwards' => 'The period is closed up to :day already. Reopen it to close less. Nothing was closed.',
        'moved_on' => 'Something up to this day has changed since you looked. Nothing was closed; look at the list again.',
        'open' => ':entries entries up to this day are not approved. Have them finished, or say that they are left out. Nothing was closed.',
        'no_reason' => 'Say why the period is opened again; the trail keeps it. Nothing was opened.',
        'not_closed' => 'These days are open. There is nothing to open again.',
        'closed' => 'Closed up to :day; :hours are settled.',
        'due' => '{0} A week is due on its Sunday.|{1} A week is due on the Monday after it.|[2,*] A week is due :count days after its Sunday.',
        'reopened' => 'Open again from :day. What is settled stays settled.',
    ],

    'correction' => [
        'no_reason' => 'Say why the hours should be others, so that your approver can decide. Nothing was proposed.',
        'no_entry' => 'There is nothing to correct on :day; record new time instead. Nothing was proposed.',
        'no_change' => 'On :day it is :hours already. Nothing was proposed.',
        'full_day' => ':day would hold more than 24 hours. Nothing was proposed.',
        'no_word' => 'Say in a word why you decline, so that it can be understood. Nothing was decided.',
        'gone' => 'There is no such correction any more. Reload to see how it stands.',
        'decided' => 'This correction has been decided or withdrawn already. Reload to see how it stands.',
        'moved_on' => 'The time has been corrected otherwise since this was proposed. Decline it, or ask for it anew.',
        'proposed' => '{1} The correction waits for your approver. Until then the approved hours stand.|[2,*] :count corrections wait for your approver. Until then the approved hours stand.',
        'accepted_at_once' => '{1} Corrected; the trail keeps what it was.|[2,*] :count cells corrected; the trail keeps what they were.',
        'withdrawn' => 'The correction is withdrawn. The approved hours stand.',
        'accepted' => '{0} This was accepted already.|{1} One correction accepted; the trail keeps what it was.|[2,*] :count corrections accepted; the trail keeps what it was.',
        'declined' => '{0} This was declined already.|{1} One correction declined; nothing was changed.|[2,*] :count corrections declined; nothing was changed.',
    ],

    'submission' => [
        'blocked' => 'Nothing was submitted. :what :cure:more',
        'asked' => 'Nothing was submitted; it needs a word from you. :what :cure:more',
        'more' => ' There are :count more findings like this in the margin.',
        'unanswered' => 'Nothing was submitted; answer first: :question',
        'no_choice' => 'Nothing was submitted; choose one of the answers that are offered: :question',
    ],

    'week_words' => [
        'nothing_to_submit' => 'There is nothing to submit in this week.',
        'submitted' => ':hours submitted.',
        'approved' => ':hours submitted and approved.',
        'partly_approved' => ':hours submitted, of which :approved were in order and are approved.',
        'taken_back' => ':hours taken back. They are drafts again.',
        'nothing_to_take_back' => 'Nothing in this week can be taken back: it is a draft, or somebody has decided on it.',
    ],

    'decided' => [
        'approve' => 'Approved: :hours in :entries.',
        'return' => 'Returned: :hours in :entries.',
        'undone' => 'Undone: :hours wait again.',
        'undone_already' => 'This was undone already.',
        'reopened' => 'Reopened: :hours wait again.',
        'entries' => '{1} one entry|[2,*] :count entries',
        'no_decision' => 'There is no such decision of yours. Reload to see what you decided.',
        'not_self_approved' => 'Some of this did not approve itself, or somebody has acted on it since. Nothing was reopened.',
        'moved_on' => 'What waits has changed since you looked: :entries with :hours are in order now. Nothing was approved; look again.',
        'changed' => 'Something of this has changed since you opened it. Nothing was decided; look at it again.',
        'gone' => 'Some of these entries are there no longer. Nothing was decided; look at the week again.',
        'none' => 'Choose at least one line.',
    ],
];
