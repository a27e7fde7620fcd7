<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

/**
 * Why an act on an entry was refused. The sentence for people, with what can be done instead, is made outside.
 */
enum Refusal: string
{
    case NotYours = 'not_yours';
    case WaitsForApproval = 'waits_for_approval';
    case IsApproved = 'is_approved';
    case IsSettled = 'is_settled';
    case IsDecided = 'is_decided';
    case NotSubmitted = 'not_submitted';
    case NotApproved = 'not_approved';
    case NotYourTurn = 'not_your_turn';
    case OwnTime = 'own_time';
    case NotYourDecision = 'not_your_decision';
    case ActedOn = 'acted_on';
    case TooLate = 'too_late';
    case CommentMissing = 'comment_missing';
    case OfficeOnly = 'office_only';
}
