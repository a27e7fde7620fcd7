<?php

declare(strict_types=1);

namespace App\AuditTrail;

/** What an act was on. */
enum AuditTrailSubject: string
{
    case Entry = 'entry';
    case Timesheet = 'timesheet';
    case Finding = 'finding';
    case Correction = 'correction';
    case Project = 'project';
    case Task = 'task';
    case Assignment = 'assignment';
    case Remaining = 'remaining';
    case Rate = 'rate';
    case Rule = 'rule';
    case Question = 'question';
    case Route = 'route';
    case StandIn = 'stand-in';
    case Recorder = 'recorder';
    case Period = 'period';
    case Setting = 'setting';
    case Access = 'access';
    case Comparison = 'comparison';
    case Exchange = 'exchange';
    case Person = 'person';
    case Team = 'team';
    case Role = 'role';
    case Client = 'client';
    case Holiday = 'holiday';
    case Leave = 'leave';
    case WorkRequest = 'work request';
    case AbsenceKind = 'absence kind';
    case Webhook = 'webhook';
    case Tracker = 'tracker';
    case Billing = 'billing';
    case ClientSystem = 'client system';
    case OwnField = 'own field';
    case PayRule = 'pay rule';
    case PayPremium = 'pay premium';
    case Expense = 'expense';
    case ExpenseSetting = 'expense setting';
}
