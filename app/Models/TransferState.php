<?php

declare(strict_types=1);

namespace App\Models;

/** How far an import or export of files has come. */
enum TransferState: string
{
    /** To be checked, or to be written. */
    case Waiting = 'waiting';
    case Checking = 'checking';
    /** It is known what an import would change. */
    case Checked = 'checked';
    /** Something is wrong with the files of an import. */
    case Refused = 'refused';
    /** To be imported. */
    case Queued = 'queued';
    case Running = 'running';
    case Done = 'done';
    case Failed = 'failed';
    case TakenBack = 'taken back';

    public function isUnderWay(): bool
    {
        return in_array($this, [self::Waiting, self::Checking, self::Queued, self::Running], true);
    }
}
