import { useState } from 'react';
import { useSignIn } from '../../api/queries';

export function SignInForm({ onDone }: { onDone?: () => void }) {
    const signIn = useSignIn();
    const [email, setEmail] = useState('');
    const [password, setPassword] = useState('');
    return (
        <form
            className="grid gap-4"
            onSubmit={(e) => {
                e.preventDefault();
                signIn.mutate({ email, password }, { onSuccess: () => onDone?.() });
            }}
        >
            <label className="grid gap-1 font-bold">
                E-mail
                <input
                    className="field font-normal"
                    type="email"
                    name="email"
                    autoComplete="username"
                    required
                    value={email}
                    onChange={(e) => setEmail(e.target.value)}
                />
            </label>
            <label className="grid gap-1 font-bold">
                Password
                <input
                    className="field font-normal"
                    type="password"
                    name="password"
                    autoComplete="current-password"
                    required
                    value={password}
                    onChange={(e) => setPassword(e.target.value)}
                />
            </label>
            {signIn.error !== null && (
                <p role="alert" className="border-ink border-l-8 pl-3 font-bold">
                    {signIn.error.message}
                </p>
            )}
            <button type="submit" className="key" data-strong="true" disabled={signIn.isPending}>
                Sign in
            </button>
        </form>
    );
}
