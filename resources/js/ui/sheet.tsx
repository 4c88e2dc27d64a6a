import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

/** A dialog: a sheet of the same paper laid over the print. */
export function Sheet(props: { open: boolean; onOpenChange: (open: boolean) => void; title: string; children: ReactNode }) {
    return (
        <Dialog.Root open={props.open} onOpenChange={props.onOpenChange}>
            <Dialog.Portal>
                <Dialog.Overlay className="fixed inset-0 z-10 bg-black/50" />
                <Dialog.Content aria-describedby={undefined} className="sheet">
                    <div className="mb-3 flex items-start justify-between gap-4">
                        <Dialog.Title className="font-bold text-xl">{props.title}</Dialog.Title>
                        <Dialog.Close className="key" aria-label="Close">
                            ✕
                        </Dialog.Close>
                    </div>
                    {props.children}
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
