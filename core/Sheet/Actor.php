<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

/**
 * What the person who acts is to the entry acted on. All false is somebody with no say in it.
 */
final readonly class Actor
{
    /**
     * @param  bool  $mayRecord  may record for the owner
     * @param  bool  $maySubmit  the owner has left submitting to them too
     * @param  bool  $isInTurn  is the approver whose turn it is, or their stand-in
     * @param  bool  $hasDecided  made the last decision on this entry
     */
    public function __construct(
        public bool $isOwner = false,
        public bool $mayRecord = false,
        public bool $maySubmit = false,
        public bool $isInTurn = false,
        public bool $hasDecided = false,
        public bool $isOffice = false,
    ) {
    }
}
