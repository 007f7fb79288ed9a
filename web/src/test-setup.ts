import { configure } from '@testing-library/dom';

// A busy machine takes longer; failures are found by content, not by time.
configure({ asyncUtilTimeout: 120_000 });
