<?php

declare(strict_types=1);

return [
    'choice' => '--:option is “:value”. Use one of: :choices.',
    'day' => '--:option is “:value”. Give a day of the calendar as YYYY-MM-DD.',
    'week' => '--week is “:value”. Give a week like 2026-W25.',
    'missing' => '--:option is missing. Give a day of the calendar as YYYY-MM-DD.',
    'code' => '--:option names “:value”, and there is none of that code.',
    'reversed' => '--to is before --from. Give the first day and then the last.',
    'no_person' => 'There is no person with the code or e-mail address “:value”.',
    'password_short' => 'The password is too short. Use at least 12 characters.',
    'password_long' => 'The password is too long. Use at most 128 characters.',
    'access_act' => '“:act” is not something moss:access does. Use disable, enable or sign-out.',
    'access_disable' => ':name can no longer sign in and was signed out everywhere.',
    'access_enable' => ':name can sign in again.',
    'access_sign_out' => ':name was signed out everywhere.',
    'passwords_differ' => 'The two passwords differ. Nothing was changed.',
    'password_set' => 'The password of :name is set; they sign in as :email.',
    'trail_act' => '“:act” is not something moss:audit does. Use verify or anchor.',
    'no_database' => '“:path” is not a Moss Week database file.',
    'no_anchors' => 'The file of anchors “:path” cannot be read or written.',
    'bad_anchor' => '“:path” holds a line that is no anchor: “:line”.',
    'trail_cut' => 'The audit trail is broken at its end: its seal speaks of :expected lines, and there are :found.',
    'trail_anchor' => 'The audit trail is broken: its first :lines lines are not those of the anchor.',
    'trail_broken' => 'The audit trail is broken at line :line: that line, or one before it, is not as it was written, or was written with another MOSS_AUDIT_KEY.',
    'trail_whole' => 'The audit trail is whole: :count lines; the last hash is :hash.',
    'instant' => '--at is “:value”. Give an instant in UTC as 2026-06-17T16:05.',
    'mailing' => '{0} Nobody has mail now.|{1} One person may have mail.|[2,*] :count people may have mail.',
    'figures_agree' => 'All kept figures are what the entries come to.',
    'figure_differs' => ':table :key: :column is kept as :kept, but comes to :found.',
    'figures_differ' => 'Kept figures that differ: :count. “moss:verify --mend” works them all out anew.',
];
